import { chops } from "@/core/formula/formulation.fixture";
import { saltHeld } from "./as-lifted";
import { loadBatch } from "./batch-views";
import { startBatch } from "./batches";
import { openDatabase, type Db } from "./database";
import { addReading } from "./readings";
import { liftBatch } from "./taken-out";
import { keepWeight, loadWork, scaleLines } from "./work";

const NOW = Date.UTC(2026, 10, 27, 20);
const HOUR = 3_600_000;
const FORMULA = chops();
let db: Db;

beforeEach(() => {
  db = openDatabase(":memory:");
});

const started = () =>
  startBatch(db, { formulaId: null, formulation: FORMULA, startAtMs: NOW, acknowledgements: [] }, NOW).id;
const planG = (id: string, lineId: string) =>
  loadBatch(db, id).sheet.lines.find((l) => l.id === lineId)?.massG ?? NaN;
function lifted(id: string): number {
  const atMs = NOW + FORMULA.pullH * HOUR;
  liftBatch(db, id, atMs, atMs);
  return saltHeld(db, id);
}

test("nothing weighed, nothing is said of it, and the record has the sheet's own salt", () => {
  const id = started();
  expect(loadBatch(db, id)).not.toHaveProperty("poured");
  expect(saltHeld(db, id)).toBe(loadBatch(db, id).sheet.atPull.meanFraction);
  expect(lifted(id)).toBe(loadBatch(db, id).sheet.atPull.meanFraction);
});

test("salt poured over and left is salt in the food: the record, and what is learnt of taste, have it", () => {
  const id = started();
  keepWeight(db, id, "pickling", planG(id, "pickling") * 1.25, NOW);
  expect(loadBatch(db, id).poured).toEqual({ weights: loadWork(db, id, NOW).weights, scaledBy: 1 });
  const planned = loadBatch(db, id).sheet.atPull.meanFraction;
  const held = lifted(id);
  expect(held).toBeGreaterThan(planned * 1.1);
  expect(held).toBeLessThan(planned * 1.3);
});

test("scaled up as a whole, it holds a little more: there is more of the same brine about it", () => {
  const id = started();
  scaleLines(db, id, 1.5);
  expect(loadBatch(db, id).poured).toEqual({ weights: {}, scaledBy: 1.5 });
  expect(lifted(id)).toBeGreaterThan(loadBatch(db, id).sheet.atPull.meanFraction);
});

test("a bath is read as what was poured: its salt is no speed of the flesh", () => {
  const [plain, over] = [started(), started()];
  keepWeight(db, over, "pickling", planG(over, "pickling") * 1.05, NOW);
  const read = (id: string) =>
    addReading(
      db,
      id,
      { atMs: NOW + 5 * HOUR, reading: { kind: "bathStrength", saltFraction: 0.045 } },
      NOW + 5 * HOUR,
    );
  read(plain);
  read(over);
  // The same strength of a bath that began stronger: more has gone in by then.
  const stronger = loadBatch(db, over).rate;
  expect(stronger.factor).toBeGreaterThan(loadBatch(db, plain).rate.factor);
  // Weighed in after it was read, it is the same.
  keepWeight(db, plain, "pickling", planG(plain, "pickling") * 1.05, NOW);
  expect(loadBatch(db, plain).rate).toEqual(stronger);
  scaleLines(db, plain, 1.2);
  expect(loadBatch(db, plain).rate).not.toEqual(stronger);
});
