import { execFileSync } from "node:child_process";
import { existsSync, writeFileSync } from "node:fs";
import path from "node:path";
import sharp from "sharp";
import { ZodError } from "zod";
import { chops } from "@/core/formula/formulation.fixture";
import { trayOf } from "@/core/schedule/sitting.fixture";
import { EXAMPLE_INSTANT_MS, EXAMPLE_SITTING } from "../api/examples";
import { loadBatch } from "../batch-views";
import { startBatch } from "../batches";
import { onChange } from "../changes";
import { openDatabase } from "../database";
import { mayWrite } from "../http";
import { listPhotos } from "../photos";
import { Refusal } from "../problem";
import { ourTurn, turnsGiven } from "../turns";
import { freshFile } from "../safekeeping/kitchens.fixture";
import { forgetUnreadable, unreadable } from "../unreadable";
import { errorOf, thrownOf } from "./across";
import { LIMITS } from "./limits";
import { endThreads, heavy, isWritingHeld, pool } from "./pool";
import { clearWorkFiles, fileBy, workFile } from "./work-files";

jest.mock("./limits", () => {
  const real: typeof import("./limits") = jest.requireActual("./limits");
  return { ...real, LIMITS: structuredClone(real.LIMITS), THREADS: 1, WAITING_MOST: 2 };
});
const limits = LIMITS as { -readonly [K in keyof typeof LIMITS]: { timeMs: number; holdsWriting?: true } };

const NOW = Date.UTC(2026, 10, 27, 20);
const start = (startAtMs = NOW) => ({
  formulaId: null,
  formulation: chops(),
  startAtMs,
  acknowledgements: [],
});
/** More than fits one oven: seconds of looking for what clashes. */
const crowded = {
  sitting: {
    ...EXAMPLE_SITTING,
    dishes: Array.from({ length: 12 }, (_, d) =>
      trayOf(`Dish${d}`, 20, {
        trays: Array.from({ length: 12 }, (_, t) => ({ name: `t${t}`, minutes: 10 + t })),
      }),
    ),
  },
  timeZone: "Europe/London",
  nowMs: EXAMPLE_INSTANT_MS,
};

const db = openDatabase(freshFile());
beforeAll(() => {
  // As the build makes it.
  const bundle = path.resolve("node_modules/.cache/heavy-under-test/heavy.cjs");
  execFileSync("npx", ["tsx", "scripts/build-heavy.ts", bundle]);
  pool(bundle);
}, 60_000);
afterAll(async () => {
  await endThreads();
  clearWorkFiles();
});

test("done on a thread of its own: written to the same kitchen, and told of here", async () => {
  const told: string[] = [];
  const quiet = onChange("batch", (id) => void told.push(id));
  const { id } = await heavy(db, "startBatch", start(), NOW);
  expect(loadBatch(db, id).name).toBe(chops().name);
  expect(await heavy(db, "derived", id)).toMatchObject({ program: { steps: expect.any(Array) } });
  const file = workFile();
  await heavy(db, "readingsCsv", id, file, "point");
  expect(await heavy(db, "keepReadings", id, file, NOW)).toEqual({ kept: 0 });
  expect(told).toEqual([id, id]);
  quiet();
});

test("what it refuses is refused here, with all it says", async () => {
  const far = heavy(db, "startBatch", start(NOW + 400 * 24 * 3_600_000), NOW);
  await expect(far).rejects.toMatchObject({
    status: 422,
    title: "Start time out of reach",
    extra: { issues: [{ path: "startAtMs" }] },
  });
  await expect(far).rejects.toBeInstanceOf(Refusal);
  await expect(heavy(db, "loadSitting", "nope", NOW)).rejects.toMatchObject({ status: 404 });
});

test("a row it met that does not read is told of here, and no longer once it is gone", async () => {
  const spoilt = "INSERT INTO own_entries (id, kind, body, changed_at_ms) VALUES ('spoilt', 'food', '{}', 1)";
  db.$client.exec(spoilt);
  forgetUnreadable();
  await heavy(db, "learned");
  expect(unreadable()).toMatchObject([{ what: "own entry", id: "spoilt" }]);
  db.$client.exec("DELETE FROM own_entries");
  forgetUnreadable();
  await heavy(db, "learned");
  expect(unreadable()).toEqual([]);
});

test("past its time it is ended with its reason, and the next is done on a new thread", async () => {
  limits.compute.timeMs = 30;
  await expect(heavy(db, "compute", "plan", crowded, NOW)).rejects.toMatchObject({
    status: 503,
    title: "Took too long",
  });
  limits.compute.timeMs = 60_000;
  const { id } = startBatch(db, start(), NOW);
  expect(await heavy(db, "derived", id)).not.toBeNull();
});

test("photos go one by one on a thread of their own, which is given up again when it is idle", async () => {
  const { id } = startBatch(db, start(NOW + 2), NOW);
  const file = workFile();
  writeFileSync(
    file,
    await sharp({ create: { width: 9, height: 9, channels: 3, background: "red" } })
      .png()
      .toBuffer(),
  );
  const before = pool()?.threads.completed;
  await Promise.all([1, 2].map(() => heavy(db, "keepPhoto", id, file, NOW)));
  expect(listPhotos(db, id)).toHaveLength(2);
  expect(pool()?.threads.completed).toBe(before);
  expect(pool()?.oneByOne.completed).toBe(2);
  expect(pool()?.oneByOne.options).toMatchObject({ minThreads: 0, maxThreads: 1 });
});

test("too many at once are told to come again, and those that wait are done", async () => {
  const { id } = startBatch(db, start(NOW + 1), NOW);
  const asked = Array.from({ length: 6 }, () => heavy(db, "derived", id));
  const came = await Promise.allSettled(asked);
  const refused = came.flatMap((c) => (c.status === "rejected" ? [c.reason as Refusal] : []));
  expect(refused.length).toBeGreaterThan(0);
  expect(refused.length).toBeLessThan(6);
  for (const { status, headers } of refused) expect([status, headers["retry-after"]]).toEqual([503, "5"]);
});

test("while one holds the right to write, the others wait for its end without stopping this thread", async () => {
  const file = workFile();
  await heavy(db, "archive", file, NOW);
  const taking = heavy(db, "takeArchiveIn", file, { replace: true, nowMs: NOW });
  expect(isWritingHeld()).toBe(true);
  let ticks = 0;
  const timer = setInterval(() => ticks++, 5);
  await mayWrite(new Request("http://127.0.0.1:3000/api/batches/b/lift", { method: "DELETE" }));
  clearInterval(timer);
  expect(ticks).toBeGreaterThan(0);
  expect(isWritingHeld()).toBe(false);
  expect(await taking).toContain("before-archive");
});

test("a thread that writes a part at a time gives way to whoever here is about to write", async () => {
  const { id } = startBatch(db, start(NOW + 2), NOW);
  const file = workFile();
  const ROWS = 12_000;
  const row = (s: number) => `${new Date(NOW + 2 + s * 1000).toISOString()},probe,3`;
  writeFileSync(
    file,
    ["at_utc,what,temperature_c", ...Array.from({ length: ROWS }, (_, s) => row(s))].join("\n"),
  );
  const before = turnsGiven();
  const keeping = heavy(db, "keepReadings", id, file, NOW + 24 * 3_600_000);
  const timer = setInterval(() => void ourTurn(), 5);
  expect(await keeping.finally(() => clearInterval(timer))).toEqual({ kept: ROWS });
  expect(turnsGiven()).toBeGreaterThan(before);
});

test("of a file that could not be written nothing is left", async () => {
  let left = "";
  const failed = fileBy(async (file) => {
    writeFileSync((left = file), "half");
    throw new Error("full");
  });
  await expect(failed).rejects.toThrow("full");
  expect(existsSync(left)).toBe(false);
});

test("in memory there is no other connection: it is done here", async () => {
  const small = openDatabase(":memory:");
  const { id } = await heavy(small, "startBatch", start(), NOW);
  expect(loadBatch(small, id).id).toBe(id);
});

test.each([
  new Refusal(409, "Used", "already", { issues: [{ path: "id", message: "x" }] }, { etag: "y" }),
  new ZodError([{ code: "custom", path: ["a", 0], message: "no", input: 1 }]),
  Object.assign(new Error("full"), { code: "SQLITE_FULL" }),
])("an error crosses from thread to thread as what it is: %p", (error) => {
  const there = errorOf(JSON.parse(JSON.stringify(thrownOf(error))) as ReturnType<typeof thrownOf>);
  expect(there.constructor).toBe(error.constructor);
  expect({ ...there, message: there.message }).toEqual({ ...error, message: error.message });
});
