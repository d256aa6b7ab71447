import { copyFileSync, statSync, utimesSync, writeFileSync } from "node:fs";
import { freshFile } from "../safekeeping/kitchens.fixture";
import { admit } from "./admit";
import { changePassphrase, enter, leave } from "./enter";
import { doorFile, endAllSessions, isPassphrase, readDoor, setPassphrase } from "./passphrase";

const GOOD = "barley wharf lantern 7";
let door: string;

/** That a hash takes long is its use; here a cheap one does. */
const CHEAP = { N: 2 ** 10, r: 8, p: 1 };
const set = doorFile(freshFile());
beforeAll(() => setPassphrase(set, GOOD, CHEAP));

beforeEach(() => {
  process.env.DATABASE_PATH = freshFile();
  door = doorFile(process.env.DATABASE_PATH);
  delete (globalThis as { ironCrockAttempts?: unknown }).ironCrockAttempts;
});
afterAll(() => delete process.env.DATABASE_PATH);

const ask = (path: string, headers: Record<string, string> = {}, method = "GET") =>
  new Request(`http://kitchen.local:3000${path}`, {
    method,
    headers: { host: "kitchen.local:3000", ...headers },
  });
const cookieOf = (response: Response) => (response.headers.get("set-cookie") ?? "").split(";")[0];

test("the passphrase is kept as a salted hash, in a file of its owner's only", async () => {
  const made = await setPassphrase(door, GOOD);
  expect(JSON.stringify(made)).not.toContain(GOOD);
  expect(statSync(door).mode & 0o777).toBe(0o600);
  expect(made.cost.N).toBeGreaterThanOrEqual(2 ** 17);
  expect(await isPassphrase(made, GOOD)).toBe(true);
  expect(await isPassphrase(made, `${GOOD} `)).toBe(false);
  expect((await setPassphrase(door, GOOD, CHEAP)).hash).not.toBe(made.hash);
});

test("a door of before its cost was written down opens as ever", async () => {
  const { cost, ...before } = await setPassphrase(door, GOOD);
  expect(cost.N).toBe(2 ** 17);
  writeFileSync(door, JSON.stringify(before));
  utimesSync(door, 1, 1);
  const read = readDoor(door);
  expect(read && (await isPassphrase(read, GOOD))).toBe(true);
});

describe("without a passphrase", () => {
  test.each(["127.0.0.1:3000", "localhost:3000", "[::1]:3000", "localhost"])("%s is answered", async (host) =>
    expect(await admit(ask("/", { host }))).toBeUndefined(),
  );
  test.each(["kitchen.local:3000", "192.168.1.9", "localhost.elsewhere.example", "127.0.0.1.example"])(
    "%s is not: a name from elsewhere may point here",
    async (host) => expect(admit(ask("/", { host }))).rejects.toMatchObject({ status: 403 }),
  );
});

describe("with one", () => {
  beforeEach(() => copyFileSync(set, door));

  test("nobody comes in without it, and everybody with it", async () => {
    await expect(admit(ask("/"))).rejects.toMatchObject({ status: 401 });
    expect(await admit(ask("/enter"))).toBeUndefined();
    await expect(enter(ask("/api/door/session"), "not it at all")).rejects.toMatchObject({ status: 401 });
    const cookie = cookieOf(await enter(ask("/api/door/session"), GOOD));
    expect(await admit(ask("/", { cookie }))).toBeUndefined();
  });

  test("the cookie is kept from scripts and other sites, and from plain HTTP behind TLS", async () => {
    const plain = (await enter(ask("/api/door/session"), GOOD)).headers.get("set-cookie") ?? "";
    expect(plain).toContain("HttpOnly");
    expect(plain).toContain("SameSite=Lax");
    expect(plain).not.toContain("Secure");
    const tls = await enter(ask("/api/door/session", { "x-forwarded-proto": "https" }), GOOD);
    expect(tls.headers.get("set-cookie")).toContain("Secure");
  });

  test.each([
    "",
    "iron_crock_session=",
    "iron_crock_session=rubbish",
    "iron_crock_session=%E0%A4%A",
    "iron_crock_session=Fe26.2**x*y*z*1*2*3",
  ])("a made-up cookie is none: “%s”", async (cookie) => {
    await expect(admit(ask("/", { cookie }))).rejects.toMatchObject({ status: 401 });
  });

  test("signed out everywhere, and after a change, old sessions are over", async () => {
    const cookie = cookieOf(await enter(ask("/api/door/session"), GOOD));
    endAllSessions(door);
    await expect(admit(ask("/", { cookie }))).rejects.toMatchObject({ status: 401 });
    const again = cookieOf(await enter(ask("/api/door/session"), GOOD));
    const changed = await changePassphrase(ask("/api/door"), {
      current: GOOD,
      passphrase: "copper sluice 88",
    });
    await expect(admit(ask("/", { cookie: again }))).rejects.toMatchObject({ status: 401 });
    expect(await admit(ask("/", { cookie: cookieOf(changed) }))).toBeUndefined();
  });

  test("signed out, a copy of the cookie is dead at once; the other devices stay in", async () => {
    const cookie = cookieOf(await enter(ask("/api/door/session"), GOOD));
    const other = cookieOf(await enter(ask("/api/door/session"), GOOD));
    expect((await leave(ask("/", { cookie }))).headers.get("set-cookie")).toContain("Max-Age=0");
    await expect(admit(ask("/", { cookie }))).rejects.toMatchObject({ status: 401 });
    expect(await admit(ask("/", { cookie: other }))).toBeUndefined();
    // Signed out without a session, or with one that is none: nothing breaks.
    for (const none of ["", "iron_crock_session=%E0%A4%A", "iron_crock_session=rubbish"])
      expect((await leave(ask("/", { cookie: none }))).status).toBe(204);
  });

  test("it is changed only by who knows it", async () => {
    await expect(
      changePassphrase(ask("/api/door"), { passphrase: "copper sluice 88" }),
    ).rejects.toMatchObject({
      status: 401,
    });
    expect(await isPassphrase(readDoor(door) ?? fail(), GOOD)).toBe(true);
  });

  test("after eight wrong ones nobody may try for a while, all at once or one by one; who is in stays in", async () => {
    const cookie = cookieOf(await enter(ask("/api/door/session"), GOOD));
    const tries = await Promise.allSettled(
      Array.from({ length: 12 }, () => enter(ask("/api/door/session"), "wrong wrong wrong")),
    );
    const statuses = tries.map((t) =>
      t.status === "rejected" ? (t.reason as { status: number }).status : 204,
    );
    expect(statuses.filter((s) => s === 401)).toHaveLength(8);
    expect(statuses.filter((s) => s === 429)).toHaveLength(4);
    await expect(enter(ask("/api/door/session"), GOOD)).rejects.toMatchObject({ status: 429 });
    expect(await admit(ask("/", { cookie }))).toBeUndefined();
  }, 30_000);

  test("eight from one address shut that one out, a restart or not; another still gets in", async () => {
    const from = (address: string) => ask("/api/door/session", { "x-forwarded-for": `10.0.0.9, ${address}` });
    for (let n = 0; n < 8; n++)
      await expect(enter(from("192.0.2.1"), "wrong wrong wrong")).rejects.toMatchObject({ status: 401 });
    await expect(enter(from("192.0.2.1"), GOOD)).rejects.toMatchObject({ status: 429 });
    // As after a restart: nothing is held in memory.
    delete (globalThis as { ironCrockAttempts?: unknown }).ironCrockAttempts;
    await expect(enter(from("192.0.2.1"), GOOD)).rejects.toMatchObject({ status: 429 });
    expect((await enter(from("192.0.2.2"), GOOD)).status).toBe(204);
  }, 30_000);

  test("forty from everywhere shut the door for a while, whatever address they name", async () => {
    const from = (n: number) => ask("/api/door/session", { "x-forwarded-for": `192.0.2.${n}` });
    for (let n = 0; n < 40; n++)
      await expect(enter(from(n), "wrong wrong wrong")).rejects.toMatchObject({ status: 401 });
    await expect(enter(from(200), GOOD)).rejects.toMatchObject({ status: 429 });
  }, 30_000);
});

test("a write that another site's page sends is refused, signed in or not", async () => {
  copyFileSync(set, door);
  const cookie = cookieOf(await enter(ask("/api/door/session"), GOOD));
  await expect(
    admit(ask("/api/formulas", { cookie, origin: "http://elsewhere.example" }, "POST")),
  ).rejects.toMatchObject({ status: 403 });
  expect(
    await admit(ask("/api/formulas", { cookie, origin: "http://kitchen.local:3000" }, "POST")),
  ).toBeUndefined();
});

function fail(): never {
  throw new Error("no door");
}
