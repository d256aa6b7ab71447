import fc from "fast-check";
import { courseToEnd, type HeatedPiece } from "./course";
import { engineMinutes } from "./engine-minutes";

/** A joint 80 mm thick, out of the fridge. */
const joint = (halfThicknessMm = 40): HeatedPiece => ({ shape: "cylinder", halfThicknessMm, startC: 5 });
const open = (airC: number) => [{ airC, minutes: 60, cover: "open" as const }];

describe("out at, ends at", () => {
  test.each([
    // Carry-over by the heat of the oven: common practice, no source, says 2 to 3 °C from a cool oven, 5 to 8 from a
    // middling one, 8 to 15 from a hot one, for a thick joint.
    [120, 1, 3.5],
    [163, 5, 8.5],
    [200, 8, 15],
    [220, 8, 15],
  ])("80 mm from an oven at %i °C climbs %f to %f °C", (airC, low, high) => {
    const { climb } = courseToEnd(joint(), open(airC), 30, 60);
    expect(climb.likely).toBeGreaterThanOrEqual(low);
    expect(climb.likely).toBeLessThanOrEqual(high);
    expect(climb.low).toBeLessThanOrEqual(climb.likely);
    expect(climb.high).toBeGreaterThanOrEqual(climb.likely);
  });

  test("in the minutes the engine itself gives, it ends at its end", () => {
    fc.assert(
      fc.property(fc.integer({ min: 15, max: 50 }), fc.integer({ min: 120, max: 230 }), (half, airC) => {
        const own = (mm: number) => {
          const minutes = engineMinutes(joint(mm), airC, "open", 40, 58) ?? 0;
          return courseToEnd(joint(mm), [{ airC, minutes, cover: "open" }], 40, 58);
        };
        return Math.abs(own(half).endC - 58) < 0.5;
      }),
      { seed: 80, numRuns: 25 },
    );
  });

  test.each([
    ["a duck leg to 85 °C", "cylinder", 22, 85],
    ["short ribs to 93 °C", "slab", 20, 93],
    ["a loin to 63 °C", "cylinder", 40, 63],
  ] as const)(
    "%s: the climb rises smoothly with the oven, in the minutes the engine gives",
    (_, shape, half, endC) => {
      const piece = { shape, halfThicknessMm: half, startC: 6 };
      const climbs = Array.from({ length: 27 }, (_, i) => {
        const airC = 110 + 5 * i;
        const minutes = engineMinutes(piece, airC, "open", 15, endC) ?? NaN;
        return courseToEnd(piece, [{ airC, minutes, cover: "open" }], 15, endC).climb;
      });
      climbs.slice(1).forEach((climb, i) => {
        for (const edge of ["low", "likely", "high"] as const) {
          expect(climb[edge]).toBeGreaterThan(climbs[i][edge] - 0.1);
          expect(climb[edge]).toBeLessThan(climbs[i][edge] + 0.9);
        }
      });
    },
  );

  test("the core never goes past the oven, and the course has no leap", () => {
    const { points } = courseToEnd(joint(), open(180), 30, 63);
    points.slice(1).forEach((p, i) => {
      expect(p.coreC).toBeLessThan(180);
      expect(Math.abs(p.coreC - points[i].coreC)).toBeLessThan(3);
    });
  });
});

test("a hotter oven, a thinner piece and a lower end are sooner", () => {
  const minutes = (half: number, airC: number, endC: number) =>
    engineMinutes(joint(half), airC, "open", 20, endC) ?? Infinity;
  expect(minutes(40, 200, 60)).toBeLessThan(minutes(40, 160, 60));
  expect(minutes(30, 180, 60)).toBeLessThan(minutes(40, 180, 60));
  expect(minutes(40, 180, 55)).toBeLessThan(minutes(40, 180, 65));
});
