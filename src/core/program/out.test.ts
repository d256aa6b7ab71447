import { chops } from "../formula/formulation.fixture";
import { preparationOffered } from "../formula/offer/defaults";
import type { Formulation } from "../formulation";
import { intoHeat, showsItOut, takesItOut, wentOn } from "./out";
import type { StepKind } from "./step";

const KINDS: StepKind[] = [
  "goIn",
  "turn",
  "takeOut",
  "finish",
  "dry",
  "temper",
  "cook",
  "ovenOut",
  "rest",
  "serve",
  "store",
];
const which = (is: typeof takesItOut, baked: boolean) => KINDS.filter((kind) => is(kind, baked));

test("out of a bath by its own act, and by whatever is done after it", () => {
  expect(which(takesItOut, false)).toEqual(["takeOut"]);
  expect(which(showsItOut, false)).toEqual(["takeOut", "finish", "cook", "ovenOut", "serve", "store"]);
});

test("baked in its salt, food is out when it leaves the oven, not when it goes in", () => {
  expect(which(takesItOut, true)).toEqual(["ovenOut"]);
  expect(which(showsItOut, true)).toEqual(["ovenOut", "serve", "store"]);
});

test("it went on once something was done that is only done with what is out; taking it out is not that", () => {
  const acts = [
    ["turn_8", "turn"],
    ["lift_out", "takeOut"],
    ["stage_1", "cook"],
  ] as const;
  const gone = (...done: string[]) => wentOn(acts, (id) => done.includes(id), false);
  expect([gone(), gone("turn_8", "lift_out"), gone("stage_1")]).toEqual([false, false, true]);
  const baked = [...acts, ["oven_out", "ovenOut"], ["serve", "serve"]] as const;
  const out = (...done: string[]) => wentOn(baked, (id) => done.includes(id), true);
  expect([out("stage_1", "oven_out"), out("serve")]).toEqual([false, true]);
});

test("into the heat by the first stage of the cook, of a joint taken apart each part's own; what is baked in its salt by going in", () => {
  const f = chops({ cook: { toC: 63, minutes: 60, restMin: 5, ovenC: 180 } });
  expect(intoHeat(f)).toBe("stage_1");
  const apart = { ...f, cook: { ...f.cook, apart: true as const } } as Formulation;
  expect([intoHeat(apart), intoHeat(apart, 2)]).toEqual(["p1_stage_1", "p2_stage_1"]);
  expect(intoHeat(chops({ preparation: preparationOffered("crust", 0.012) }))).toBe("go_in");
});
