import { chops } from "@/core/formula/formulation.fixture";
import { withPreparation } from "@/core/formula/offer/offered";
import { CARRIERS } from "@/core/taste/samples";
import type { Told } from "@/core/taste/tasting";
import { startBatch } from "./batches";
import { liftBatch } from "./taken-out";
import { openDatabase } from "./database";
import { readArchive } from "./exchange/archive";
import { changeKitchen, loadKitchen } from "./kitchen";
import { archiveOf } from "./safekeeping/kitchens.fixture";
import { answerTasting, forgetTasting, loadTaste, loadTasting, startTasting, takeBack } from "./taste";
import { judgeBatch } from "./work";

const NOW = Date.UTC(2026, 10, 27, 18);
const HOUR = 3_600_000;
const ANNA = { id: "t1", name: "Table 1" };
const two = {
  carrier: "potato" as const,
  way: "pairs" as const,
  spits: false,
  eaters: [ANNA, { id: "t2", name: "Table 2" }],
};
const opened = () => openDatabase(":memory:");

/** Whatever is asked, the saltier is liked. */
function saltier(db: ReturnType<typeof opened>, id: string, eaterId: string): Told {
  const q = loadTasting(db, id).questions.find((one) => one.eaterId === eaterId);
  if (q?.kind !== "pair") throw new Error("asked nothing");
  return {
    eaterId,
    kind: "pair",
    first: q.first,
    second: q.second,
    liked: q.first > q.second ? "first" : "second",
  };
}

test("from the first spoon to the wanted salt, and forgotten again", () => {
  const db = opened();
  const { id, questions } = startTasting(db, two, NOW);
  expect(questions.map((q) => q.eaterId)).toEqual(["t1", "t2"]);
  for (const eater of ["t1", "t2"])
    for (let i = 0; i < 10; i++) answerTasting(db, id, saltier(db, id, eater));
  expect(loadTasting(db, id).questions).toEqual([]);
  const { taste, known, houseSalt } = loadTaste(db);
  expect({ known, houseSalt, answers: taste.answers }).toEqual({ known: true, houseSalt: null, answers: 20 });
  expect(taste.table.fraction).toBeGreaterThan(0.016);
  changeKitchen(db, { houseSalt: 0.016 });
  expect(loadKitchen(db).houseSalt).toBe(0.016);
  expect(loadTaste(db).houseSalt).toBe(0.016);
  forgetTasting(db, id);
  expect(loadTaste(db).taste.table).toEqual(taste.before);
  changeKitchen(db, { houseSalt: null });
  expect(loadKitchen(db).houseSalt).toBeNull();
});

test("one question is answered once, and the last answer can be taken back", () => {
  const db = opened();
  const { id } = startTasting(db, two, NOW);
  const told = saltier(db, id, "t1");
  answerTasting(db, id, told);
  const [asked] = loadTasting(db, id).questions;
  expect(asked.nth).toBe(2);
  // Ten questions and no more: the same word again and again is taken only while it answers what is asked.
  let refused = 0;
  for (let i = 0; i < 12; i++)
    try {
      answerTasting(db, id, told);
    } catch {
      refused++;
    }
  expect(refused).toBeGreaterThan(8);
  while (loadTasting(db, id).tasting.answers.length > 1) takeBack(db, id, "t1");
  takeBack(db, id, "t2");
  expect(loadTasting(db, id).tasting.answers).toHaveLength(1);
  expect(takeBack(db, id, "t1").tasting.answers).toEqual([]);
});

test("the same sent again is one tasting; one that is not there is 404", () => {
  const db = opened();
  const id = "0b6b2c4e-5ad4-4a67-9a3a-0d9c8a5a2f10";
  const first = startTasting(db, { ...two, id }, NOW);
  expect(startTasting(db, { ...two, id }, NOW + 1).tasting.seed).toBe(first.tasting.seed);
  expect(loadTaste(db).tastings).toHaveLength(1);
  expect(() => loadTasting(db, "nobody")).toThrow("There is no tasting nobody.");
});

test("whoever should not taste this is refused by name: an infant, an allergen, a sodium limit", () => {
  const db = opened();
  const eater = {
    ...ANNA,
    avoids: [] as string[],
    sodiumMg: null as number | null,
    infant: false,
    atRisk: false,
    noAlcohol: false,
    mostHeat: null,
  };
  const limited = (part: Partial<typeof eater>) => {
    changeKitchen(db, { limits: { eaters: [{ ...eater, ...part }], fridge: null, thermometer: true } });
    return () => startTasting(db, { ...two, carrier: "stock" }, NOW);
  };
  expect(limited({ infant: true })).toThrow("Table 1 should not taste this (infant)");
  expect(limited({ avoids: ["celery"] })).toThrow("allergen");
  expect(limited({ sodiumMg: 400 })).toThrow("sodium");
  expect(limited({})).not.toThrow();
  expect(CARRIERS.find((c) => c.id === "stock")?.allergens).toContain("celery");
});

test("a dinner counts by the salt it was lifted out with, not by what was planned", () => {
  const tableOf = (liftedAfterH: number) => {
    const db = opened();
    const formulation = { ...withPreparation(chops(), "equilibrium"), pullH: 24 };
    const startAtMs = NOW - 40 * HOUR;
    const { id } = startBatch(
      db,
      { formulaId: null, formulation, startAtMs, acknowledgements: [] },
      startAtMs,
    );
    liftBatch(db, id, startAtMs + liftedAfterH * HOUR, startAtMs + liftedAfterH * HOUR);
    judgeBatch(db, id, { faults: [], words: "", salt: 0 }, NOW);
    return loadTaste(db).taste.table.fraction;
  };
  // "Just right" of a chop lifted at half its hours speaks for less salt.
  expect(tableOf(12)).toBeLessThan(tableOf(24) - 0.0002);
  // Minutes off the plan are the plan's.
  expect(tableOf(24.4)).toBe(tableOf(24));
});

test("an archive carries the tastings and the salt that was taken", async () => {
  const db = opened();
  const { id } = startTasting(db, two, NOW);
  answerTasting(db, id, saltier(db, id, "t1"));
  changeKitchen(db, { houseSalt: 0.0131 });
  const tables = await readArchive(await archiveOf(db, NOW));
  expect(tables.tastings).toMatchObject([{ id, startedAtMs: NOW }]);
  expect(tables.kitchen).toMatchObject([{ houseSalt: 0.0131 }]);
});
