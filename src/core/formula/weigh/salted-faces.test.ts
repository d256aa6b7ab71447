import { outcomeAt } from "../account/outcome";
import { chops, worked } from "../formulation.fixture";
import { sectionAt } from "../../diffusion/section";
import type { Formulation } from "../../formulation";
import { saltedFaces } from "./salted-faces";

const salted = (where: "allFaces" | "oneFace" | "moreOnOne", pieces: Partial<Formulation["pieces"]> = {}) => {
  const f = chops({ preparation: { kind: "dryBrine", targetFraction: 0.014, salted: where } });
  return { ...f, pieces: { ...f.pieces, skin: false, ...pieces } };
};

test("only what lies flat has faces to tell apart, and a shut one takes nothing", () => {
  const all = ["allFaces", "oneFace", "moreOnOne"] as const;
  const of = (pieces: Partial<Formulation["pieces"]>) =>
    all.map((where) => saltedFaces(salted(where, pieces)));
  expect(of({ shape: "slab", faces: "both" })).toEqual(["all", "one", "moreOnOne"]);
  expect(of({ shape: "slab", faces: "one" })).toEqual(["all", "one", "one"]);
  expect(of({ shape: "block", faces: "both" })).toEqual(["all", "one", "moreOnOne"]);
  expect(of({ shape: "cylinder", faces: "both" })).toEqual(["all", "all", "all"]);
  expect(saltedFaces(chops())).toBe("all");
});

test("more salt on the flesh side is deeper there; the mean is that of the same salt all round once all is in", () => {
  const at = (where: "allFaces" | "moreOnOne", hours: number) => {
    const sheet = worked(salted(where));
    return { sheet, outcome: outcomeAt(sheet, hours, 4) };
  };
  const [even, more] = [at("allFaces", 24), at("moreOnOne", 24)];
  expect(more.outcome.moment.mean / even.outcome.moment.mean).toBeCloseTo(1, 3);
  const section = sectionAt(more.sheet.soak.run, 24 * 3600) ?? new Float64Array();
  expect(section[section.length - 1]).toBeGreaterThan(1.1 * section[0]);
  const ready = (x: typeof even) => x.sheet.soak.window.ready.likely ?? Infinity;
  // Salt between two faces lies on no side: a block is taken as flat.
  expect(more.sheet.soak.body.solid).toHaveLength(1);
  expect(ready(more)).toBeGreaterThanOrEqual(ready(even));
});
