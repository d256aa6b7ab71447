import fc from "fast-check";
import { outcomeAt } from "../account/outcome";
import { chops, foodIn, worked } from "../formulation.fixture";
import { formulate } from "../formulate";
import { withPreparation } from "../offer/offered";
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

test("by what a line holds of salt: half as salty counts half, without salt it counts nothing, without mass nothing either", () => {
  const salt = sheet.lines.find((l) => l.role === "salt");
  const water = sheet.lines.find((l) => l.role === "water");
  if (!salt || !water) throw new Error("no brine");
  const loadG = (lines: typeof sheet.lines, weights: Record<string, number>) =>
    asPoured({ ...sheet, lines }, { weights, scaledBy: 1 }).loadG;
  const more = loadG(sheet.lines, { [salt.id]: salt.massG * 1.2 });
  const half = loadG([{ ...salt, naclG: salt.naclG / 2 }, water], { [salt.id]: salt.massG * 1.4 });
  expect(half).toBeCloseTo(more, 9);
  expect(loadG([{ ...salt, massG: 0 }, water], { [salt.id]: 5 })).toBeCloseTo(sheet.loadG, 9);
  const pepper = { ...salt, id: "pepper", role: "aromatic" as const, naclG: 0 };
  expect(loadG([...sheet.lines, pepper], { pepper: 90 })).toBeCloseTo(sheet.loadG, 9);
});

test("a water line by dry salt is no bath", () => {
  const dry = worked(foodIn("duck_leg", "dry"));
  const [water] = sheet.lines.filter((l) => l.role === "water");
  const wet = { ...dry, lines: [...dry.lines, { ...water, massG: 10 }] };
  const over = asPoured(wet, { weights: { [water.id]: 500 }, scaledBy: 1 });
  expect([over.waterG, over.loadG, over.brine]).toEqual([dry.waterG, dry.loadG, undefined]);
});

test("two lines of one thing: a weight says nothing of which, and each is as the sheet has it", () => {
  const salt = sheet.lines.find((l) => l.role === "salt");
  if (!salt) throw new Error("no salt");
  const twice = { ...sheet, lines: [...sheet.lines, { ...salt, massG: 5, where: "cavity" as const }] };
  expect(asPoured(twice, { weights: { [salt.id]: 5 }, scaledBy: 1 })).toBe(twice);
});

test("injected, as much goes in as was meant to, at the strength it was poured to", () => {
  const needled = withPreparation(f, "injection");
  const at = (saltFactor: number, scaledBy = 1) => {
    const plan = worked(needled);
    const salt = plan.lines.find((l) => l.role === "salt");
    const weights = salt && saltFactor !== 1 ? { [salt.id]: salt.massG * saltFactor } : {};
    const found = formulate(needled, { poured: { weights, scaledBy } });
    if (!found.ok) throw new Error(found.error.code);
    const { meanFraction, ledger } = outcomeAt(found.value, needled.pullH, needled.portions);
    return { meanFraction, totalG: ledger.totalG, endsG: ledger.ends.reduce((sum, e) => sum + e.naclG, 0) };
  };
  // Salt of its own is a fourteenth of what it holds: a fifth more brought is a little less than a fifth more held.
  expect(at(1.2).meanFraction / at(1).meanFraction).toBeGreaterThan(1.15);
  expect(at(1.2).meanFraction / at(1).meanFraction).toBeLessThan(1.2);
  expect(at(1.2).endsG).toBeCloseTo(at(1.2).totalG, 9);
  // More of the same brine is left in the bowl.
  expect(at(1, 2).meanFraction).toBeCloseTo(at(1).meanFraction, 9);
});

test.each(["equilibrium", "timed", "dry", "marinade", "paste", "rub", "crust", "cure", "injection"] as const)(
  "%s: every gram that was poured is somewhere, and more salt is never less in the food",
  (kind) => {
    const of = withPreparation(f, kind);
    const plan = worked(of);
    const salt = plan.lines.find((l) => l.role === "salt");
    const found = formulate(of, {
      poured: { weights: { [salt?.id ?? ""]: 1.3 * (salt?.massG ?? 0) }, scaledBy: 1 },
    });
    if (!found.ok) throw new Error(found.error.code);
    const [as, planned] = [found.value, plan].map((s) => outcomeAt(s, of.pullH, of.portions));
    expect(as.ledger.totalG - planned.ledger.totalG).toBeCloseTo(0.3 * (salt?.naclG ?? NaN), 6);
    expect(as.ledger.ends.reduce((sum, e) => sum + e.naclG, 0)).toBeCloseTo(as.ledger.totalG, 6);
    expect(as.meanFraction).toBeGreaterThanOrEqual(planned.meanFraction);
  },
);

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
