import { findFood } from "../materials/lookup";
import type { Food } from "../materials/types";
import { climbSeen, foretoldClimbs, learntClimb } from "./climb";
import { ratesByFood, type ReadSoak } from "./rates";
import { scoreOf, type Foretold } from "./scored";

const MIN = 60_000;
const food = (id: string): Food => {
  const found = findFood(id);
  if (!found) throw new Error(id);
  return found;
};
const NONE: ReadonlySet<string> = new Set();

describe("rates by food", () => {
  const loin = food("pork_loin_roast");
  const chop = food("pork_chop_boneless");
  const duck = food("duck_leg");
  const foods = [loin, chop, duck];
  const soak = (batchId: string, factor: number, part: Partial<ReadSoak> = {}): ReadSoak => ({
    batchId,
    foodId: chop.id,
    before: { factor: 1, doubt: 0.3 },
    after: { factor, doubt: 0.1 },
    ...part,
  });

  test("a chop's readings teach the chop, the loin less, and the duck nothing", () => {
    const found = ratesByFood(foods, [soak("a", 1.25), soak("b", 1.3)], NONE);
    const of = (id: string) => found.find((r) => r.foodId === id);
    expect(of(duck.id)).toBeUndefined();
    expect(of(loin.id)?.kin).toEqual([chop.id]);
    expect(of(chop.id)?.learnt.factor).toBeGreaterThan(of(loin.id)?.learnt.factor ?? Infinity);
    expect(of(loin.id)?.learnt.factor).toBeGreaterThan(1.05);
    expect(of(chop.id)?.learnt.doubt).toBeLessThan(of(loin.id)?.learnt.doubt ?? 0);
    expect(of(loin.id)?.learnt.doubt).toBeLessThan(of(loin.id)?.before.doubt ?? 0);
  });

  test("what a batch knew before is not counted twice", () => {
    // The second began where the first had ended, and its own readings said nothing new.
    const first = soak("a", 1.25);
    const second = soak("b", 1.25, { before: first.after, after: first.after });
    const [alone] = ratesByFood([chop], [first], NONE);
    expect(ratesByFood([chop], [first, second], NONE)[0].learnt).toEqual(alone.learnt);
  });

  test("one left out stays shown and counts no more; far from the others it is named, not dropped", () => {
    const soaks = [soak("a", 1), soak("b", 1.02), soak("c", 0.98), soak("odd", 2.2)];
    const all = ratesByFood([chop], soaks, NONE)[0];
    expect(all.batches.filter((b) => b.farOff).map((b) => b.batchId)).toEqual(["odd"]);
    const without = ratesByFood([chop], soaks, new Set(["odd"]))[0];
    expect(without.batches).toHaveLength(4);
    expect(without.batches.find((b) => b.batchId === "odd")?.leftOut).toBe(true);
    expect(without.learnt.factor).toBeLessThan(all.learnt.factor);
    expect(without.learnt).toEqual(ratesByFood([chop], soaks.slice(0, 3), NONE)[0].learnt);
  });
});

describe("the climb out of the heat", () => {
  const OUT = 1_000 * MIN;
  const at = (min: number, value: number) => ({ atMs: OUT + min * MIN, value });

  test.each<[string, { atMs: number; value: number }[], number | undefined]>([
    [
      "the highest after it came out, over what it read then",
      [at(-1, 57), at(0, 58), at(6, 63), at(9, 62)],
      5,
    ],
    ["one that falls climbed nothing", [at(0, 58), at(4, 57), at(8, 55)], 0],
    ["read too shortly", [at(0, 58), at(7.9, 63)], undefined],
    ["read just long enough", [at(0, 58), at(8, 63)], 5],
    ["fell silent before it came out", [at(-5.1, 55), at(10, 63)], undefined],
    ["later than so long is another day's", [at(0, 58), at(8, 60), at(46, 75)], 2],
  ])("%s", (_, read, climb) => {
    expect(climbSeen(read, OUT)).toBe(climb);
  });

  const seen = (batchId: string, seenC: number, foretoldC = 6) => ({ batchId, seenC, foretoldC });

  test("half of what was foretold, again and again: the figure goes there, and grows surer", () => {
    const once = learntClimb([seen("a", 3)], NONE);
    const often = learntClimb(
      ["a", "b", "c", "d", "e", "f", "g", "h"].map((id) => seen(id, 3)),
      NONE,
    );
    expect(once?.learnt.factor).toBeLessThan(0.8);
    expect(once?.learnt.factor).toBeGreaterThan(0.6);
    expect(often?.learnt.factor).toBeLessThan(0.56);
    expect(often?.learnt.doubt).toBeLessThan(once?.learnt.doubt ?? 0);
    expect(once?.before.factor).toBe(1);
  });

  test("a climb under a probe's own doubt teaches nothing; with none there is nothing to say", () => {
    expect(learntClimb([seen("a", 3, 1.49)], NONE)).toBeUndefined();
    expect(learntClimb([seen("a", 3, 1.5)], NONE)).toBeDefined();
    expect(learntClimb([], NONE)).toBeUndefined();
  });

  test("each is foretold from those before it alone", () => {
    const told = foretoldClimbs([seen("a", 3), seen("b", 3), seen("c", 3)]);
    expect(told[0].foretold).toBe(6);
    expect(told[1].foretold).toBeLessThan(5);
    expect(told[2].foretold).toBeLessThan(told[1].foretold);
    expect(told[0].high - told[0].low).toBeGreaterThan(told[2].high - told[2].low);
  });
});

describe("how foretellings came out", () => {
  const told = (came: number): Foretold => ({
    batchId: "b",
    what: "done",
    foretold: 60,
    low: 50,
    high: 80,
    came,
  });

  test.each([
    [49.9, false, true],
    [50, true, true],
    [80, true, true],
    [80.1, false, true],
    [94, false, true],
    [94.1, false, false],
    [43, false, true],
    [42.9, false, false],
  ])("came at %f of 50 to 80: in two of three %s, in nine of ten %s", (came, two, nine) => {
    const [one] = scoreOf([told(came)]).all;
    expect([one.inTwoOfThree, one.inNineOfTen]).toEqual([two, nine]);
  });

  test("of 36 fair bands 18 to 30 hold: 24, and two deviations of √(36 × 2/9) = 2.83 about it", () => {
    const score = scoreOf(Array.from({ length: 36 }, (_, i) => told(i < 20 ? 60 : 200)));
    expect(score.twoInThree).toBe(20);
    expect(score.fair).toEqual([18, 30]);
    expect(scoreOf([]).fair).toEqual([0, 0]);
  });
});
