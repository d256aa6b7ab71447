import { findFood } from "../materials/lookup";
import { heatedPiece } from "../heat/cook-minutes";
import { engineMinutes } from "../heat/engine-minutes";
import { roast } from "../heat/roasts.fixture";
import { roastCore } from "../instruments/kitchen-truth";
import { seeded } from "../instruments/random";
import { learntOven, ovenSeen, type OvenSeen } from "./oven";

/** A normal number, by Box and Muller. */
const normalAt = (draw: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - draw())) * Math.cos(2 * Math.PI * draw());
const NONE: ReadonlySet<string> = new Set();

/** Sums of Newton's kind: minutes go with ln of what is still to be warmed. Closed, so that it can be done by hand. */
const newton = (dialC: number) => (offC: number) => 60 * Math.log((dialC + offC - 5) / (dialC + offC - 60));

test("a thermometer in the oven: the conjugate posterior (prior 12 °C, reading 5 °C), by hand", () => {
  // Weights 1/144 and 1/25: 16 × (1/25) ÷ (1/144 + 1/25) = 13.63; 1 ÷ √(1/144 + 1/25) = 4.615.
  const one = learntOven([], [{ dialC: 180, readC: 196 }], NONE);
  expect(one?.offC).toBeCloseTo(13.63, 2);
  expect(one?.doubtC).toBeCloseTo(4.615, 3);
  expect(learntOven([], [], NONE)).toBeUndefined();
});

test("a roast that takes as long as in an oven 15 °C cooler says 15 °C cooler, and not how sure it is of its piece", () => {
  const seen = ovenSeen({
    batchId: "a",
    dialC: 180,
    tookMin: newton(180)(-15),
    minutesAt: newton(180),
  });
  expect(seen?.mean).toBeCloseTo(-15, 3);
  // 22.64 min at the dial, 19.30 at 25 °C more: ln 1.1729 = 0.1595. A fifth of the minutes is 0.2 × 25 ÷ 0.1595 = 31.3 °C.
  expect(seen?.deviation).toBeCloseTo(31.3, 1);
  expect(seen?.foretoldMin).toBeCloseTo(60 * Math.log(175 / 120), 9);
});

test.each<[string, (offC: number) => number | undefined]>([
  ["never get there", () => undefined],
  ["do not get there in a cooler oven", (offC) => (offC < 0 ? undefined : 60 - offC)],
  ["take as long in a hotter oven", (offC) => Math.max(60, 60 - offC)],
  ["jump: quicker in a cooler oven", (offC) => (offC < -10 ? 40 : 60 - offC)],
])("sums that %s say nothing of the oven", (_, minutesAt) => {
  expect(ovenSeen({ batchId: "a", dialC: 180, tookMin: 55, minutesAt })).toBeUndefined();
});

test("the band holds what it says: over 400 kitchens, two in three within chance", () => {
  const draw = seeded(11);
  let two = 0;
  const kitchens = 400;
  for (let k = 0; k < kitchens; k++) {
    const offC = 12 * normalAt(draw);
    const roasts = Array.from({ length: 1 + Math.floor(draw() * 6) }, (_, i) => {
      const dialC = 150 + 10 * Math.floor(draw() * 8);
      const tookMin = newton(dialC)(offC) * Math.exp(0.2 * normalAt(draw));
      return ovenSeen({ batchId: `b${i}`, dialC, tookMin, minutesAt: newton(dialC) });
    });
    const learnt = learntOven(
      roasts.filter((r): r is OvenSeen => r !== undefined),
      [],
      NONE,
    );
    if (learnt && learnt.lowC <= offC && offC <= learnt.highC) two++;
  }
  // Three deviations of √(400 × 2/9) = 9.4 about 267.
  expect(two).toBeGreaterThan(267 - 28);
  expect(two).toBeLessThan(267 + 28);
});

test("roasts another model made, in a hot and in a cool oven: the same pieces tell them apart", () => {
  const food = findFood("pork_loin_roast");
  if (!food) throw new Error("no loin");
  const kitchen = (offC: number) =>
    learntOven(
      [30, 36, 42].flatMap((halfThicknessMm, i) => {
        const core = roastCore(roast({ halfThicknessMm, ovenC: 180 + offC }), 6);
        let tookMin = 0;
        while (core(tookMin * 60) < 60) tookMin++;
        const piece = heatedPiece(food, { thicknessMm: 2 * halfThicknessMm, startC: 5 });
        const minutesAt = (off: number) => engineMinutes(piece, 180 + off, "open", 15, 66);
        return ovenSeen({ batchId: `b${i}`, dialC: 180, tookMin, minutesAt }) ?? [];
      }),
      [],
      NONE,
    );
  const [cool, hot] = [kitchen(-25), kitchen(25)];
  expect((hot?.offC ?? NaN) - (cool?.offC ?? NaN)).toBeGreaterThan(5);
  expect(hot?.doubtC).toBeLessThan(12);
});

test("one left out counts no more and stays shown; one far off is named", () => {
  const seen = (id: string, factor: number) =>
    ovenSeen({ batchId: id, dialC: 180, tookMin: newton(180)(0) * factor, minutesAt: newton(180) }) ?? [];
  const roasts = [seen("a", 1), seen("b", 1.02), seen("c", 0.98), seen("odd", 3)].flat();
  const all = learntOven(roasts, [], NONE);
  expect(all?.batches.map((b) => b.farOff)).toEqual([false, false, false, true]);
  const without = learntOven(roasts, [], new Set(["odd"]));
  expect(without?.offC).toBe(learntOven(roasts.slice(0, 3), [], NONE)?.offC);
  expect(without?.batches.map((b) => b.leftOut)).toEqual([false, false, false, true]);
});
