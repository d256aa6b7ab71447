import reference from "./ellipsoids.reference.json";
import { equivalentBody } from "./equivalent";
import { fleshBody } from "./flesh-body";
import { simulateSoak } from "./simulate";

/*
 * Bodies that taper, as a whole fish does, by their stand-in of one direction: held against a solver in three directions
 * (`scripts/reference/ellipsoids.py`, its figures stand in `ellipsoids.reference.json`).
 */

const D = 3e-10;

describe.each(reference.cases)("half-axes $axesMm mm", ({ axesMm, mean, centre }) => {
  const [a, b, c] = axesMm.map((half) => 2 * half);
  const body = equivalentBody({ kind: "ellipsoid", axesMm: [a, b, c] });
  const seconds = reference.times.map((t) => (t * (Math.min(...axesMm) / 1000) ** 2) / D);
  const ran = simulateSoak(
    body,
    [
      {
        kind: "bath",
        durationS: seconds[seconds.length - 1],
        diffusivityM2PerS: D,
        waterRatio: Infinity,
        saltPerWater: 0.1,
      },
    ],
    { outputTimesS: seconds },
  );
  if (!ran.ok) throw new Error(ran.error.field);
  const { moments } = ran.value;

  test.each(reference.times.map((t, i) => [t, mean[i], centre[i], seconds[i]]))(
    "at %f the mean is within 3 %% of the step, the middle within 9 %%",
    (_, meanThen, centreThen, second) => {
      const moment = moments.find((m) => Math.abs(m.timeS - second) < 1) ?? moments[moments.length - 1];
      expect(Math.abs(moment.mean / 0.1 - meanThen)).toBeLessThan(0.03);
      expect(Math.abs(moment.centre / 0.1 - centreThen)).toBeLessThan(0.09);
    },
  );
});

test("of three like axes it is a ball", () => {
  const ball = equivalentBody({ kind: "ellipsoid", axesMm: [80, 80, 80] });
  expect(ball.exponent).toBeCloseTo(2, 6);
  expect(ball.halfThicknessM).toBeCloseTo(0.04, 6);
});

test("an oval takes salt sooner than a flat piece as thick, and its skin lies where the food has it", () => {
  const piece = { thicknessMm: 50, faces: "both" as const, skin: true, slashDepthMm: 0, slashSpacingMm: 20 };
  const size = { lengthMm: 300, widthMm: 100 };
  const whole = fleshBody("oval", { ...piece, skinOn: "allFaces" }, D, { size });
  expect(whole.pathMm).toBe(25);
  expect(whole.exponent).toBeGreaterThan(1.5);
  expect(whole.surfaceTransferMPerS).toBeCloseTo(D / 0.004, 12);
  expect(fleshBody("oval", { ...piece, skinOn: "oneFace" }, D, { size }).veiled).toEqual({
    share: 0.5,
    barrierM: 0.004,
  });
  // A face that is shut is of what lies flat.
  expect(fleshBody("oval", { ...piece, faces: "one", skin: false }, D, { size }).pathMm).toBe(25);
});
