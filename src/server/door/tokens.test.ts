import { readFileSync, statSync } from "node:fs";
import { CALENDAR } from "@/contracts/door";
import { EXAMPLE_SITTING } from "../api/examples";
import { serveApi } from "../api/serve";
import { database } from "../database";
import { freshFile } from "../safekeeping/kitchens.fixture";
import { createSitting } from "../sittings";
import { admit } from "./admit";
import { doorFile, setPassphrase } from "./passphrase";
import { listTokens, makeToken, revokeToken, tokenOf, tokensFile } from "./tokens";

const NOW = Date.UTC(2026, 10, 27, 20);
let file: string;

beforeEach(() => {
  process.env.DATABASE_PATH = freshFile();
  delete (globalThis as { ironCrockDb?: unknown }).ironCrockDb;
  file = tokensFile(process.env.DATABASE_PATH);
});
afterAll(() => delete process.env.DATABASE_PATH);

const CHEAP = { N: 2 ** 10, r: 8, p: 1 };
const close = () => setPassphrase(doorFile(process.env.DATABASE_PATH ?? ""), "barley wharf lantern 7", CHEAP);
const ask = (path: string, secret?: string, method = "GET") =>
  new Request(`http://kitchen.local:3000${path}`, {
    method,
    headers: { host: "kitchen.local:3000", ...(secret && { authorization: `Bearer ${secret}` }) },
  });
/** As a request comes in: past the door, then to its operation. */
async function come(path: string, secret?: string, method = "GET"): Promise<number> {
  const request = ask(path, secret, method);
  try {
    await admit(request);
  } catch (refused) {
    return (refused as { status: number }).status;
  }
  const parts = path.replace(/^\/api\/v1\/|\?.*$/g, "").split("/");
  return (await serveApi(request, parts)).status;
}

test("kept as a hash, in a file of its owner's only; told once, and gone when it is taken back", () => {
  const { id, secret } = makeToken(file, { name: "fridge sensor", scope: "readings" }, NOW);
  expect(secret.length).toBeGreaterThan(40);
  expect(readFileSync(file, "utf8")).not.toContain(secret.slice(6));
  expect(statSync(file).mode & 0o777).toBe(0o600);
  expect(tokenOf(file, secret)).toMatchObject({ id, name: "fridge sensor" });
  expect(tokenOf(file, `${secret}x`)).toBeUndefined();
  expect(listTokens(file)).toEqual([
    { id, name: "fridge sensor", scope: "readings", sittingId: null, createdAtMs: NOW },
  ]);
  expect(revokeToken(file, id)).toBe(true);
  expect(revokeToken(file, id)).toBe(false);
  expect(tokenOf(file, secret)).toBeUndefined();
});

test("sixty and no more", () => {
  for (let i = 0; i < 60; i++) makeToken(file, { name: `t${i}`, scope: "read" }, NOW);
  expect(() => makeToken(file, { name: "one more", scope: "read" }, NOW)).toThrow("take one back");
});

test("a token opens the API as far as it reaches, and no page; none opens nothing", async () => {
  await close();
  const [read, readings, all] = (["read", "readings", "all"] as const).map(
    (scope) => makeToken(file, { name: scope, scope }, NOW).secret,
  );
  const foods = "/api/v1/foods?limit=1";
  expect(await come(foods)).toBe(401);
  expect(await come(foods, "crock_nothing")).toBe(401);
  for (const secret of [read, readings, all]) {
    expect(await come(foods, secret)).toBe(200);
    expect(await come("/stores", secret)).toBe(401);
    expect(await come("/api/tokens", secret)).toBe(401);
  }
  // There is no such batch: whoever may send readings is told that, the others that they may not.
  const sample = "/api/v1/batches/nothing/samples/probe/1";
  expect(await come(sample, read, "DELETE")).toBe(403);
  expect(await come(sample, readings, "DELETE")).toBe(403);
  expect(await come(sample, all, "DELETE")).toBe(404);
  expect(await come("/api/v1/batches/nothing/samples", read, "POST")).toBe(403);
  expect(await come("/api/v1/batches/nothing/samples", readings, "POST")).toBe(415);
  expect(await come("/api/v1/archive", readings)).toBe(403);
});

test("a calendar's secret opens one sitting's acts past the door, and nothing else", async () => {
  const db = database();
  const { id } = createSitting(db, { ...EXAMPLE_SITTING, tableMs: NOW + 30 * 3_600_000 }, NOW);
  await close();
  const token = makeToken(file, { name: "Calendar", scope: CALENDAR, sittingId: id }, NOW);
  const feed = `/api/v1/feeds/${token.secret}.ics`;
  expect(await come(feed)).toBe(200);
  expect(await come("/api/v1/feeds/crock_guess.ics")).toBe(404);
  expect(await come("/api/v1/foods", token.secret)).toBe(401);
  revokeToken(file, token.id);
  expect(await come(feed)).toBe(404);
  // One made to read is no calendar.
  const other = makeToken(file, { name: "read", scope: "read" }, NOW);
  expect(await come(`/api/v1/feeds/${other.secret}.ics`)).toBe(404);
});
