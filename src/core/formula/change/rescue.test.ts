import type { Formulation } from "../../formulation";
import { reachHours } from "../soak/course";
import { aimOf } from "../soak/aim";
import { soakProblem } from "../soak/soak-problem";
import { outcomeAt } from "../account/outcome";
import { chops, timedChops, worked } from "../formulation.fixture";
import { rescues, type Rescue } from "./rescue";

/*
 * Ways out for a batch that is late or early: each held against the sheet itself, worked out for what the way does, or
 * against the balance of salt by hand.
 */

const of = (f: Formulation, nowH: number, untilH: number) => {
  const sheet = worked(f);
  const all = rescues(f, sheet.load, nowH, untilH);
  const way = (name: Rescue["way"]) => all.find((r) => r.way === name);
  return { sheet, all, way, atNow: outcomeAt(sheet, nowH, f.portions) };
};
// One direction is solved in a tenth of the time of three.
const pieces = { ...chops().pieces, shape: "slab" as const };
const salty = timedChops(0.08, { pullH: 20, pieces });
const weak = timedChops(0.05, { pullH: 20, pieces });

test("lifted now it is what the sheet says of this hour", () => {
  const { way, atNow } = of(salty, 6, 20);
  expect(way("lift_now")).toMatchObject({
    hours: 0,
    meanFraction: expect.closeTo(atNow.meanFraction, 4),
    centreFraction: expect.closeTo(atNow.centreFraction, 4),
  });
  // Before its first minute it is what it is at its first.
  expect(of(salty, 0, 20).way("lift_now")?.meanFraction).toBe(
    of(salty, 1 / 60, 20).way("lift_now")?.meanFraction,
  );
});

test("rested half a day no salt comes or goes, the middle gains and the face loses", () => {
  const { way } = of(salty, 6, 20);
  const [now, rested] = [way("lift_now"), way("pull_and_rest")];
  if (!now || !rested) throw new Error("no such way");
  expect(rested.hours).toBe(12);
  expect(rested.meanFraction).toBeCloseTo(now.meanFraction, 6);
  expect(rested.centreFraction).toBeGreaterThan(now.centreFraction);
  expect(rested.surfaceFraction).toBeLessThan(now.surfaceFraction);
});

test("waiting is offered below the target, for the hours that are still to go, and comes to what is asked for", () => {
  const { sheet, way } = of(weak, 3, 20);
  const [readyH = NaN] = reachHours(soakProblem(weak, sheet.load), [aimOf(weak, sheet.load)], 96, {
    cells: 80,
    stepTolerance: 1e-5,
  });
  const wait = way("wait");
  expect(wait?.hours).toBeCloseTo(readyH - 3, 6);
  expect(wait?.meanFraction).toBeCloseTo(outcomeAt(sheet, readyH, 1).meanFraction, 4);
  expect(of(weak, readyH * 1.01, 20).way("wait")).toBeUndefined();
  expect(of(salty, 20, 30).way("wait")).toBeUndefined();
});

test("a rinse only where there is a twentieth too much, long enough to come to the target", () => {
  const { sheet, way } = of(salty, 12, 20);
  const rinse = way("rinse");
  const target = salty.preparation.targetFraction;
  expect(rinse?.meanFraction).toBeCloseTo(target, 4);
  expect(rinse?.hours).toBeCloseTo((rinse?.amount ?? NaN) / 60, 12);
  expect(of(weak, 1, 20).way("rinse")).toBeUndefined();
  // At the hour it holds 3 % too much nothing is rinsed; at 8 % it is.
  const hourOf = (over: number) => {
    let [low, high] = [1, 20];
    for (let i = 0; i < 30; i++) {
      const middle = (low + high) / 2;
      if (outcomeAt(sheet, middle, 1).meanFraction > target * over) high = middle;
      else low = middle;
    }
    return low;
  };
  expect(of(salty, hourOf(1.03), 20).way("rinse")).toBeUndefined();
  expect(of(salty, hourOf(1.08), 20).way("rinse")).toBeDefined();
  // Three per cent off is no fault to mend elsewhere either.
  expect(of(salty, hourOf(1.03), 20).way("salt_elsewhere")).toBeUndefined();
});

test("thinned with so much water it can stay until it is wanted", () => {
  const { way, sheet } = of(salty, 6, 20);
  const thinned = way("dilute");
  const target = salty.preparation.targetFraction;
  expect(thinned).toMatchObject({ hours: 14 });
  expect(thinned?.meanFraction).toBeCloseTo(target, 3);
  expect(thinned?.amount).toBeGreaterThan(0);
  expect(thinned?.amount).toBeLessThan((4 * sheet.load.waterG) / 1000);
  // What ends under the target is not thinned, nor what is wanted already; dry salt has no bath.
  expect(of(weak, 1, 4).way("dilute")).toBeUndefined();
  expect(of(salty, 12, 12).way("dilute")).toBeUndefined();
  const dry = chops({
    preparation: { kind: "dryBrine", targetFraction: 0.012, salted: "allFaces" },
    salt: { mode: "grams", massG: 30 },
  });
  expect(of(dry, 12, 20).way("dilute")).toBeUndefined();
});

test("salt elsewhere: what the flesh holds over or under the target, by the gram", () => {
  const grams = (f: Formulation, nowH: number) => {
    const { sheet, atNow, way } = of(f, nowH, 20);
    const { massG, waterFraction } = sheet.load.flesh;
    const byHand = (atNow.moment.mean - sheet.load.targetPerWater) * massG * waterFraction;
    return [way("salt_elsewhere")?.amount ?? NaN, byHand];
  };
  const [over, overByHand] = grams(salty, 12);
  expect(over).toBeCloseTo(overByHand, 1);
  expect(over).toBeGreaterThan(0);
  const [under, underByHand] = grams(weak, 1);
  expect(under).toBeCloseTo(underByHand, 1);
  expect(under).toBeLessThan(0);
});

test("the best comes first: near to the target, then even, then soon", () => {
  const { all } = of(salty, 12, 20);
  const target = salty.preparation.targetFraction;
  const off = (r: Rescue) => Math.abs(r.meanFraction / target - 1);
  const cost = (r: Rescue) =>
    (r.way === "salt_elsewhere" ? off(r) / 2 : off(r)) +
    0.1 * (1 - r.centreFraction / r.meanFraction) +
    0.005 * r.hours;
  const costs = all.map(cost);
  expect(costs).toEqual([...costs].sort((a, b) => a - b));
  expect(all.length).toBeGreaterThanOrEqual(4);
});

test("a rinse that was planned comes to every way, and is the least that is rinsed", () => {
  const planned: Formulation = { ...salty, rinse: { minutes: 30 } };
  const [with30, without] = [of(planned, 12, 20), of(salty, 12, 20)];
  for (const name of ["lift_now", "pull_and_rest"] as const)
    expect(with30.way(name)?.surfaceFraction).toBeLessThan(without.way(name)?.surfaceFraction ?? 0);
  expect(with30.way("rinse")?.amount ?? 99).toBeGreaterThanOrEqual(30);
});
