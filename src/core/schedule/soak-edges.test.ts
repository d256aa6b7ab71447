import { chops, worked } from "../formula/formulation.fixture";
import { withPreparation } from "../formula/offer/offered";
import type { Formulation } from "../formulation";
import { mayStretch, soakEdges } from "./soak-edges";

const edges = (f: Formulation) => soakEdges(f, worked(f), f.pullH);

test.each([
  ["equilibrium", true],
  ["timed", true],
  ["dry", true],
  ["marinade", false],
  ["paste", false],
  ["rub", false],
  ["cure", false],
  ["crust", false],
] as const)("%s stretches by itself: %s", (choice, stretches) => {
  const f = withPreparation(chops(), choice);
  expect(mayStretch(f)).toBe(stretches);
  // A crust bakes for its own hours, whatever is asked.
  expect(mayStretch({ ...f, hours: { mode: "stretch" } })).toBe(choice !== "crust");
  expect(mayStretch({ ...f, hours: { mode: "hold" } })).toBe(false);
});

test("held: the cook's hours and no others", () => {
  expect(edges({ ...chops({ pullH: 7.5 }), hours: { mode: "hold" } })).toEqual({
    minMin: 450,
    preferMin: 450,
    maxMin: 450,
  });
});

test("between the cook's own edges; the wanted hours are always among them", () => {
  const own = (leastH: number, mostH: number) =>
    edges({ ...chops({ pullH: 8 }), hours: { mode: "stretch", leastH, mostH } });
  expect(own(6, 10)).toEqual({ minMin: 360, preferMin: 480, maxMin: 600 });
  expect(own(9, 10)).toEqual({ minMin: 480, preferMin: 480, maxMin: 600 });
  expect(own(6, 7)).toEqual({ minMin: 360, preferMin: 480, maxMin: 480 });
});

test("left to the sums: from when it is ready to when it is past", () => {
  const f = chops({ pullH: 20 });
  const { ready, past } = worked(f).soak.window;
  const { minMin, maxMin } = edges(f);
  expect(minMin).toBe(Math.min(1200, Math.ceil((ready.likely ?? NaN) * 60)));
  if (past.likely !== undefined) expect(maxMin).toBe(Math.max(1200, Math.floor(past.likely * 60)));
});
