import { chops, foodIn } from "../formula/formulation.fixture";
import type { Formulation } from "../formulation";
import type { PreparationChoice } from "../preparations";
import { checksFor } from "./checks";
import { dishOf, stepIn } from "./program.fixture";

const checks = (f: Formulation) => checksFor(dishOf(f));
const ids = (f: Formulation) => checks(f).map((s) => s.id.replace("check_", ""));
/** What the food itself asks for, dried as everything is. */
const asked = (foodId: string, choice: PreparationChoice) =>
  ids(foodIn(foodId, choice)).filter((id) => id !== "dry");

test.each([
  ["grey_mullet_whole", "dry", ["inspect_fish", "fins", "scale"]],
  ["grey_mullet_whole", "crust", ["inspect_fish", "fins", "scales_on"]],
  ["mackerel_fillet", "dry", ["inspect_fish"]],
  ["duck_leg", "dry", ["inspect_bird", "label"]],
  ["pork_loin_roast", "equilibrium", ["label"]],
  ["lamb_leg_bonein", "dry", []],
  ["beef_short_rib", "rub", []],
  ["celeriac", "crust", ["scrub"]],
  ["tofu_firm", "paste", ["press"]],
] as const)("%s in %s: %p", (foodId, choice, wanted) => {
  expect(asked(foodId, choice)).toEqual(wanted);
});

test("only what is packed with a solution, or may be, has its label read", () => {
  const f = foodIn("duck_leg", "dry");
  const enhanced = { solutionFraction: 0.1, sodiumMgPer100g: 400 };
  expect(ids(f)).toContain("label");
  expect(ids({ ...f, pieces: { ...f.pieces, enhanced } })).not.toContain("label");
});

test("scales come off under a crust where the cook says so", () => {
  const f = foodIn("grey_mullet_whole", "crust");
  const off = { ...f, preparation: { ...f.preparation, scales: "off" } } as Formulation;
  expect(ids(off)).toContain("scale");
  expect(ids(off)).not.toContain("scales_on");
});

test("dried or rinsed as the cook chose; a bird is never told to be rinsed when it is dried", () => {
  const before = (foodId: string, how: "patDry" | "rinse") => {
    const f = foodIn(foodId, "dry");
    return checks({ ...f, holding: { ...f.holding, before: how } });
  };
  expect(stepIn(before("lamb_leg_bonein", "patDry"), "check_dry").title).toBe("Pat it dry on every face");
  expect(stepIn(before("duck_leg", "patDry"), "check_dry").title).toBe(
    "Pat it dry on every face; do not rinse it",
  );
  expect(stepIn(before("duck_leg", "rinse"), "check_rinse").why).toMatch(/advise against washing poultry/);
  expect(before("duck_leg", "rinse").map((s) => s.id)).not.toContain("check_dry");
});

test("slashed as deep and as often as the sums count", () => {
  const slashed = (slashDepthMm: number) =>
    chops({ pieces: { ...chops().pieces, slashDepthMm, slashSpacingMm: 25 } });
  expect(stepIn(checks(slashed(8)), "check_score").title).toBe("Slash 8 mm deep every 25 mm, both sides");
  expect(ids(slashed(0))).not.toContain("score");
});

test("tofu is pressed twenty minutes, everything else is a matter of five; looks are acts that end by looking", () => {
  expect(stepIn(checks(foodIn("tofu_firm", "paste")), "check_press").handsMin).toBe(20);
  const fish = checks(foodIn("grey_mullet_whole", "crust"));
  expect(stepIn(fish, "check_inspect_fish")).toMatchObject({
    kind: "inspect",
    handsMin: 5,
    ends: { by: "look" },
  });
  expect(stepIn(fish, "check_fins")).toMatchObject({ kind: "clean", handsMin: 5, ends: { by: "time" } });
  expect(stepIn(fish, "check_fins")).not.toHaveProperty("look");
});

test("only a block of curd is pressed: no other block, and no curd of another form", () => {
  const { sheet, ...dish } = dishOf(foodIn("tofu_firm", "paste"));
  const pressed = (food: Partial<typeof sheet.food>) =>
    checksFor({ ...dish, sheet: { ...sheet, food: { ...sheet.food, ...food } } }).some(
      (s) => s.id === "check_press",
    );
  expect(pressed({})).toBe(true);
  expect(pressed({ kingdom: "mammal" })).toBe(false);
  expect(pressed({ form: "fillet" })).toBe(false);
});

test("what is no crust has no scales to keep, whatever its file says", () => {
  const f = foodIn("grey_mullet_whole", "dry");
  expect(ids({ ...f, preparation: { ...f.preparation, scales: "on" } as never })).toContain("scale");
});
