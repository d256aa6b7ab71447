import { chops, worked } from "../formulation.fixture";
import { findFood } from "../../materials/lookup";
import { splitProposed } from "./uneven";

const f = chops();
const sheet = worked(f);
const likely = sheet.soak.window.ready.likely ?? NaN;
const beside = (thicknessMm: number, readyH?: number) => {
  const alongside = [{ count: 3, totalMassG: 300, thicknessMm }];
  const soak = { ...sheet.soak, alongside: [{ run: sheet.soak.run, share: 0.2, readyH }] };
  return splitProposed({ ...f, alongside }, { ...sheet, soak });
};

test("alike enough they share one soak: times go with thickness squared, 1.6 of them is the limit", () => {
  expect(splitProposed(f, sheet)).toBeUndefined();
  expect(beside(25 / Math.sqrt(1.599))).toBeUndefined();
  expect(beside(25 / Math.sqrt(1.61))?.timesRatio).toBeCloseTo(1.61, 9);
  expect(beside(25 * Math.sqrt(1.599))).toBeUndefined();
  expect(beside(25 * Math.sqrt(1.61))?.timesRatio).toBeCloseTo(1.61, 9);
});

test("each lot by its count and thickness, with its own hour", () => {
  expect(beside(50, 20)).toEqual({
    kind: "sizes",
    timesRatio: 4,
    lots: [
      { name: "4 of 25 mm", thicknessMm: 25, readyH: likely },
      { name: "3 of 50 mm", thicknessMm: 50, readyH: 20 },
    ],
  });
  expect(beside(50)?.lots[1].readyH).toBeUndefined();
});

test("a whole bird is always two: its leg six tenths as thick, done in 0.36 of the time", () => {
  const food = findFood("goose_whole");
  if (!food) throw new Error("no goose");
  const bird = splitProposed(f, { ...sheet, food });
  expect(bird).toMatchObject({
    kind: "bird",
    lots: [
      { name: "breast", thicknessMm: 25, readyH: likely },
      { name: "leg and thigh", thicknessMm: 15, readyH: expect.closeTo(0.36 * likely, 9) as number },
    ],
  });
  expect(bird?.timesRatio).toBeCloseTo(1 / 0.36, 9);
  const never = { ...sheet.soak, window: { ...sheet.soak.window, ready: {} } };
  expect(splitProposed(f, { ...sheet, food, soak: never })?.lots.map((l) => l.readyH)).toEqual([
    undefined,
    undefined,
  ]);
});
