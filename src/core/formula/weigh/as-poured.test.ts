import fc from "fast-check";
import { outcomeAt } from "../account/outcome";
import { chops, foodIn, worked } from "../formulation.fixture";
import { formulate } from "../formulate";
import { asPoured } from "./as-poured";

const PLAN = { weights: {}, scaledBy: 1 };
const f = chops();
const sheet = worked(f);
const idOf = (role: string, of = sheet) => of.lines.find((l) => l.role === role)?.id ?? "";
const massOf = (id: string) => sheet.lines.find((l) => l.id === id)?.massG ?? NaN;
const poured = (weights: Record<string, number>, scaledBy = 1) => {
  const found = formulate(f, { poured: { weights, scaledBy } });
  if (!found.ok) throw new Error(found.error.code);
  return found.value;
};

test("where nothing was weighed, or just what the sheet says, it is the sheet", () => {
  expect(asPoured(sheet, PLAN)).toBe(sheet);
  const same = Object.fromEntries(sheet.lines.map((l) => [l.id, l.massG]));
  expect(asPoured(sheet, { weights: same, scaledBy: 1 })).toBe(sheet);
  expect(poured({})).toEqual(sheet);
});

test("a tenth more salt at the scale is a tenth more in the bath, its strength and its account", () => {
  const salt = idOf("salt");
  const over = poured({ [salt]: massOf(salt) * 1.1 });
  expect(over.load.saltG).toBeCloseTo(sheet.load.saltG * 1.1, 9);
  expect(over.brine?.saltFraction).toBeGreaterThan(sheet.brine?.saltFraction ?? Infinity);
  expect(over.endFraction / sheet.endFraction).toBeCloseTo(1.1, 1);
  const { ledger } = outcomeAt(over, f.pullH, f.portions);
  expect(ledger.sources.find((s) => s.id === salt)?.massG).toBeCloseTo(massOf(salt) * 1.1, 9);
  expect(ledger.ends.reduce((sum, e) => sum + e.naclG, 0)).toBeCloseTo(ledger.totalG, 9);
});

test("everything twice is the same strength in twice the bath", () => {
  const twice = poured({}, 2);
  expect(twice.load.saltG / twice.load.waterG).toBeCloseTo(sheet.load.saltG / sheet.load.waterG, 9);
  expect(twice.lines.map((l) => l.massG)).toEqual(sheet.lines.map((l) => l.massG * 2));
  // A line that was weighed is by the scale, whatever was decided for all.
  const salt = idOf("salt");
  expect(poured({ [salt]: 50 }, 2).lines.find((l) => l.id === salt)?.massG).toBe(50);
});

test("no water at all on the scale is a slip, and no salt is none", () => {
  const [salt, water] = [idOf("salt"), idOf("water")];
  expect(asPoured(sheet, { weights: { [water]: 0 }, scaledBy: 1 }).waterG).toBe(1);
  expect(asPoured(sheet, { weights: { [salt]: 0 }, scaledBy: 1 }).loadG).toBeCloseTo(0, 9);
});

test("salt that lies dry on the food has no bath to be in; what does not join is no salt of it", () => {
  const dry = worked(foodIn("duck_leg", "dry"));
  const salt = idOf("salt", dry);
  const over = asPoured(dry, { weights: { [salt]: 2 * dry.loadG }, scaledBy: 1 });
  expect(over.waterG).toBe(dry.waterG);
  expect(over.loadG).toBeGreaterThan(dry.loadG * 1.9);
  const stuffed = { ...dry, lines: dry.lines.map((l) => ({ ...l, where: "cavity" as const })) };
  const inside = asPoured(stuffed, { weights: { [salt]: 2 * dry.loadG }, scaledBy: 1 });
  expect(inside.loadG).toBe(dry.loadG);
  expect(inside.apart.insideG).toBeGreaterThan(dry.loadG * 1.9);
});

test("a little more at the scale is a little more in the food, never less", () => {
  const salt = idOf("salt");
  const mean = (factor: number) =>
    outcomeAt(poured({ [salt]: massOf(salt) * factor }), f.pullH, f.portions).meanFraction;
  fc.assert(
    fc.property(fc.double({ min: 0.8, max: 1.2, noNaN: true }), (factor) => {
      const [one, more] = [mean(factor), mean(factor * 1.001)];
      return more > one && more < one * 1.0015;
    }),
    { numRuns: 12 },
  );
});
