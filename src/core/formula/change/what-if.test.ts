import type { Formulation } from "../../formulation";
import { learnRate, type Reading } from "../../learned/learn-rate";
import { endG } from "../account/dish-ledger";
import { outcomeAt } from "../account/outcome";
import { cookOffered } from "../cook/cook";
import { chops, timedChops as timed, worked } from "../formulation.fixture";
import { preparationOffered } from "../offer/defaults";
import { aimOf } from "../soak/aim";
import { onThePlate } from "../soak/plate";
import { rinsedMoment } from "../soak/rinse";
import { hoursAfter } from "../soak/rinse-or-rest";
import { reachHours } from "../soak/course";
import { soakProblem } from "../soak/soak-problem";
import { rescues } from "./rescue";

const loadOf = (f: Formulation) => worked(f).load;

describe("a rinse or a rest after it", () => {
  test("rinsed for the answer, an oversalted piece is back at its target", () => {
    const over = timed(0.08, { pullH: 12 });
    const answer = hoursAfter(over, loadOf(over), "rinse");
    if (!answer.ok) throw new Error(answer.why);
    const { shares } = rinsedMoment(worked(over), 12, answer.hours * 60);
    expect(shares.meanFraction / over.preparation.targetFraction).toBeCloseTo(1, 2);
  });

  test("a rinse is not needed below the target; rest evens a thin piece within days", () => {
    const gentle = chops({ pullH: 6, pieces: { ...chops().pieces, shape: "slab" } });
    expect(hoursAfter(gentle, loadOf(gentle), "rinse")).toMatchObject({
      ok: false,
      why: "not_needed",
    });
    const rest = hoursAfter(gentle, loadOf(gentle), "rest");
    expect(rest.ok && rest.hours).toBeGreaterThan(1);
  });
});

describe("on the plate", () => {
  test("heat moves salt inward and loses none", () => {
    const f = chops({ preparation: preparationOffered("dry", 0.012), pullH: 8 });
    const load = loadOf(f);
    const plate = onThePlate(f, load, cookOffered(load.food, f.pieces));
    if (!plate.ok) throw new Error("refused");
    const { atPull, served } = plate.value;
    expect(served.mean).toBeCloseTo(atPull.mean, 10);
    expect(served.centre).toBeGreaterThan(atPull.centre);
    expect(served.surface).toBeLessThan(atPull.surface);
  });
});

describe("late or early", () => {
  test("too salty at hour 12: a rinse, thinning the bath and salt elsewhere are offered, each with its outcome", () => {
    const over = timed(0.08, { pullH: 20 });
    const ways = rescues(over, loadOf(over), 12, 20);
    expect(ways.map((w) => w.way)).toEqual(
      expect.arrayContaining(["rinse", "dilute", "salt_elsewhere", "lift_now"]),
    );
    const target = 0.012;
    expect(ways.find((w) => w.way === "rinse")?.meanFraction).toBeCloseTo(target, 4);
    expect(ways.find((w) => w.way === "dilute")?.meanFraction).toBeCloseTo(target, 3);
    expect(ways.find((w) => w.way === "salt_elsewhere")?.amount).toBeGreaterThan(0);
    expect(ways[0].way).not.toBe("lift_now");
  });

  test("too early: waiting is offered, with the hours the window says; nothing is rinsed", () => {
    const f = timed(0.05);
    const ways = rescues(f, loadOf(f), 2, 24);
    const [readyH] = reachHours(soakProblem(f, loadOf(f)), [aimOf(f, loadOf(f))], 96, { cells: 120 });
    expect(ways.find((w) => w.way === "wait")?.hours).toBeCloseTo((readyH ?? NaN) - 2, 1);
    expect(ways.some((w) => w.way === "rinse")).toBe(false);
  });
});

test("a dry brine looked at in its first minutes: left in, the salt still on the face goes on dissolving", () => {
  const f = chops({ preparation: preparationOffered("dry", 0.02), readiness: "outside" });
  const ways = rescues(f, loadOf(f), 0.05, 24);
  const wait = ways.find((w) => w.way === "wait");
  const sheet = worked(f);
  expect(endG(outcomeAt(sheet, 0.05, 1).ledger, "surface")).toBeGreaterThan(0);
  expect(wait?.meanFraction).toBeCloseTo(sheet.endFraction, 6);
});

describe("learning the rate from readings", () => {
  const f = timed(0.06);
  const truth = 1.6;

  /** What a meter would show in a real soak of another rate. */
  const readingAt = (hours: number): Reading => ({
    kind: "bathStrength",
    hours,
    saltFraction: outcomeAt(worked(f, truth), hours, 1).bathFraction ?? NaN,
  });

  test("three readings of a faster soak find its rate, and are surer than before", () => {
    const learnt = learnRate(f, loadOf(f), [2, 6, 12].map(readingAt));
    expect(learnt?.factor).toBeGreaterThan(1.2);
    expect(learnt?.factor).toBeLessThan(1.75);
    expect(learnt?.doubt).toBeLessThan(learnt?.doubtBefore ?? 0);
  });

  test("what was learnt is where the next begins", () => {
    const first = learnRate(f, loadOf(f), [readingAt(6)]);
    const second = learnRate(f, loadOf(f), [readingAt(10)], first);
    expect(second?.doubtBefore).toBe(first?.doubt);
    expect(second?.doubt).toBeLessThan(first?.doubt ?? 0);
  });

  test("a weight says less than a strength; a dry brine has no bath to read", () => {
    const byWeight = learnRate(f, loadOf(f), [{ kind: "weight", hours: 6, beforeG: 1000, afterG: 1060 }]);
    const byStrength = learnRate(f, loadOf(f), [readingAt(6)]);
    expect(byWeight?.doubt).toBeGreaterThan(byStrength?.doubt ?? Infinity);
    const dry = chops({ preparation: preparationOffered("dry", 0.012) });
    expect(learnRate(dry, loadOf(dry), [readingAt(6)])).toBeUndefined();
  });
});
