import fc from "fast-check";
import { PAGE_SIZE } from "@/contracts/figures";
import { recordQuery, type RecordQuery } from "@/contracts/record";
import { chops } from "@/core/formula/formulation.fixture";
import { preparationOffered } from "@/core/formula/offer/defaults";
import { startBatch } from "./batches";
import { liftBatch } from "./taken-out";
import { openDatabase, type Db } from "./database";
import { listRecord, nextTime, trendPoints, wholeRecord } from "./record";
import { batches } from "./schema";
import { loadTaste } from "./taste";
import { judgeBatch } from "./work";

const NOW = Date.UTC(2026, 10, 27, 20);
const HOUR = 3_600_000;

interface Made {
  name: string;
  kind: "wetBrine" | "dryBrine";
  salt: number | null;
}

/** Batches lifted an hour apart, the first the oldest; the sheet of one kind is worked out once and copied. */
function kitchenOf(made: readonly Made[]): Db {
  const db = openDatabase(":memory:");
  const templates = { wetBrine: chops(), dryBrine: chops({ preparation: preparationOffered("dry", 0.014) }) };
  made.forEach(({ name, kind, salt }, i) => {
    const startAtMs = NOW - (made.length - i) * HOUR;
    const request = {
      formulaId: null,
      formulation: { ...templates[kind], name },
      startAtMs,
      acknowledgements: [],
    };
    const { id } = startBatch(db, request, NOW);
    liftBatch(db, id, startAtMs + HOUR / 2, NOW);
    if (salt !== null) judgeBatch(db, id, { salt, faults: [], words: "" }, NOW);
  });
  return db;
}

const MADE: Made[] = [
  { name: "Loin", kind: "wetBrine", salt: -1 },
  { name: "Loin 100%", kind: "dryBrine", salt: null },
  { name: "duck_legs", kind: "dryBrine", salt: 2 },
  { name: "Duck legs", kind: "dryBrine", salt: 0 },
  { name: "Chops", kind: "wetBrine", salt: null },
];
const all = recordQuery.parse({});

describe("the record", () => {
  const db = kitchenOf(MADE);
  const names = (part: Partial<RecordQuery>) => listRecord(db, { ...all, ...part }).rows.map((r) => r.name);

  test.each<[Partial<RecordQuery>, string[]]>([
    [{}, ["Chops", "Duck legs", "duck_legs", "Loin 100%", "Loin"]],
    [{ sort: "oldest" }, ["Loin", "Loin 100%", "duck_legs", "Duck legs", "Chops"]],
    [{ sort: "name" }, ["Chops", "Duck legs", "Loin", "Loin 100%", "duck_legs"]],
    [{ sort: "saltiest" }, ["duck_legs", "Duck legs", "Loin", "Chops", "Loin 100%"]],
    [{ sort: "blandest" }, ["Loin", "Duck legs", "duck_legs", "Chops", "Loin 100%"]],
    [{ find: "loin" }, ["Loin 100%", "Loin"]],
    [{ find: "100%" }, ["Loin 100%"]],
    [{ find: "k_l" }, ["duck_legs"]],
    [{ find: "\\" }, []],
    [{ kind: "dryBrine", judged: "yes" }, ["Duck legs", "duck_legs"]],
    [{ judged: "no" }, ["Chops", "Loin 100%"]],
    [{ kind: "rub" }, []],
  ])("%o", (part, expected) => expect(names(part)).toEqual(expected));

  test("what is still in its soak is no record yet", () => {
    const running = kitchenOf([]);
    startBatch(running, { formulaId: null, formulation: chops(), startAtMs: NOW, acknowledgements: [] }, NOW);
    expect(listRecord(running, all)).toMatchObject({ rows: [], total: 0 });
    expect(wholeRecord(running)).toEqual([]);
    expect(trendPoints(running)).toEqual([]);
  });

  test("as points: wanted, judged, told and taken, the oldest first", () => {
    const points = trendPoints(db);
    expect(points.map((p) => p.name)).toEqual(MADE.map((m) => m.name));
    expect(points.map((p) => p.saltScore)).toEqual(MADE.map((m) => m.salt));
    for (const p of points) {
      expect(p.realH).toBeCloseTo(0.5, 6);
      expect(p.predictedH).toBeGreaterThan(0);
      expect(p.targetFraction).toBe(0.014);
    }
  });
});

test("pages hold every row once, whatever is asked", () => {
  const db = kitchenOf([{ name: "one", kind: "dryBrine", salt: null }]);
  const [row] = db.select().from(batches).all();
  for (let i = 0; i < 2 * PAGE_SIZE + 5; i++)
    db.insert(batches)
      .values({ ...row, id: `copy-${i}`, name: `copy ${i % 7}`, liftedAtMs: NOW + i, saltScore: i % 3 })
      .run();
  fc.assert(
    fc.property(
      fc.constantFrom<RecordQuery["sort"]>("newest", "oldest", "name", "saltiest", "blandest"),
      fc.constantFrom("", "copy", "copy 3", "one"),
      fc.constantFrom<RecordQuery["judged"]>("all", "yes", "no"),
      (sort, find, judged) => {
        const first = listRecord(db, { ...all, sort, find, judged });
        const pages = Math.ceil(first.total / PAGE_SIZE);
        const ids = Array.from({ length: pages + 1 }, (_, i) =>
          listRecord(db, { ...all, sort, find, judged, page: i + 1 }).rows.map((r) => r.id),
        ).flat();
        expect(new Set(ids).size).toBe(first.total);
        expect(ids).toHaveLength(first.total);
      },
    ),
    { numRuns: 60 },
  );
});

test("an address with nonsense in it asks for the whole record", () =>
  expect(recordQuery.parse({ find: 3, kind: "pickle", judged: "perhaps", sort: "best", page: "-4" })).toEqual(
    all,
  ));

describe("what the record teaches", () => {
  test("judged too salty again and again, less salt is proposed; and a kitchen's taste lies below what it had", () => {
    const db = kitchenOf([1, 2, 1, 2].map((salt, i) => ({ name: `Chops ${i}`, kind: "wetBrine", salt })));
    const less = nextTime(db, chops()).find((p) => p.field === "target");
    expect(less).toMatchObject({ batches: 4, meanScore: 1.5 });
    // Lifted out early they held less than the formula brings, and that was too much already.
    expect(less?.judged).toBeLessThan(less?.from ?? NaN);
    expect(less?.to).toBeLessThan(less?.judged ?? NaN);
    const { taste, known } = loadTaste(db);
    expect(taste.table.fraction).toBeLessThan(taste.before.fraction);
    expect({ known, batches: taste.batches }).toEqual({ known: true, batches: 4 });
  });

  test("of another food or another preparation nothing is learned", () => {
    const db = kitchenOf([{ name: "Chops", kind: "wetBrine", salt: 2 }]);
    expect(nextTime(db, chops({ preparation: preparationOffered("dry", 0.014) }))).toEqual([]);
    expect(nextTime(db, { ...chops(), foodId: "duck_leg" })).toEqual([]);
  });

  test("an empty record proposes nothing and leans nowhere", () => {
    const db = kitchenOf([]);
    expect(nextTime(db, chops())).toEqual([]);
    const { taste, known } = loadTaste(db);
    expect(taste.table).toEqual(taste.before);
    expect(known).toBe(false);
  });
});
