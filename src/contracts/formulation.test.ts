import { chops } from "@/core/formula/formulation.fixture";
import { DUCK_LEGS, PORK_LOIN } from "@/server/demo/brines";
import { CELERIAC, GREY_MULLET, MACKEREL } from "@/server/demo/fish-and-crusts";
import { LAMB_SHOULDER, SHORT_RIBS, TOFU } from "@/server/demo/mixtures";
import { SALTS, INGREDIENTS, FOODS } from "@/core/materials/lookup";
import { foodSchema, ingredientSchema, saltSchema } from "./materials";
import { formulationSchema } from "./formulation";

test.each([
  ["chops", chops()],
  ["the demo loin", PORK_LOIN],
  ["the demo duck", DUCK_LEGS],
  ["the demo lamb", LAMB_SHOULDER],
  ["the demo ribs", SHORT_RIBS],
  ["the demo tofu", TOFU],
  ["the demo mackerel", MACKEREL],
  ["the demo mullet", GREY_MULLET],
  ["the demo celeriac", CELERIAC],
  ["one with a salt of its own", chops({ own: { salts: [SALTS[0]] } })],
])("%s pass the contract unchanged, through JSON and back", (_, formulation) => {
  expect(formulationSchema.parse(JSON.parse(JSON.stringify(formulation)))).toEqual(formulation);
});

test.each([
  ["no pieces", { pieces: { ...chops().pieces, count: 0 } }, "pieces.count"],
  ["two tonnes", { pieces: { ...chops().pieces, totalMassG: 2_000_000 } }, "pieces.totalMassG"],
  ["half a portion", { portions: 0.5 }, "portions"],
  ["not a number", { pullH: NaN }, "pullH"],
  ["a school that is none", { preparation: { kind: "wetBrine", school: "guess" } }, "preparation"],
  ["an empty name", { name: "  " }, "name"],
  ["something extra", { chef: "me" }, ""],
  [
    "a crust as thick as a wall",
    { preparation: { ...GREY_MULLET.preparation, overMm: 300 } },
    "preparation.overMm",
  ],
  ["a reserve of all of it", { reserve: { share: 1, use: "sauce" } }, "reserve.share"],
  ["a line by no law", { lines: [{ ...LAMB_SHOULDER.lines[0], scalesWith: "luck" }] }, "lines.0.scalesWith"],
])("%s is refused where it stands", (_, change, path) => {
  const parsed = formulationSchema.safeParse({ ...chops(), ...change });
  expect(parsed.success).toBe(false);
  expect(parsed.error?.issues.map((i) => i.path.join("."))).toContain(path);
});

test("a formulation stored when lines were called aromatics still reads", () => {
  const { lines, ...rest } = PORK_LOIN;
  expect(formulationSchema.parse({ ...rest, aromatics: lines })).toEqual(PORK_LOIN);
});

describe("own entries are held to the tables' own fields", () => {
  test("every row of the tables passes: the fields are the same", () => {
    for (const salt of SALTS) expect(saltSchema.safeParse(salt).error).toBeUndefined();
    for (const food of FOODS) expect(foodSchema.safeParse(food).error).toBeUndefined();
    for (const ingredient of INGREDIENTS)
      expect(ingredientSchema.safeParse(ingredient).error).toBeUndefined();
  });

  test.each([
    ["salt denser than rock", saltSchema, { ...SALTS[0], densityGPerMl: 3 }, "densityGPerMl"],
    ["more than all of it", ingredientSchema, { ...INGREDIENTS[0], waterFraction: 0.9 }, "waterFraction"],
    ["bone and flesh past the whole", foodSchema, { ...FOODS[0], boneFraction: 0.9 }, "edibleFraction"],
    ["no name", ingredientSchema, { ...INGREDIENTS[0], name: " " }, "name"],
  ] as const)("%s is refused where it stands", (_, schema, entry, path) => {
    const parsed = schema.safeParse(entry);
    expect(parsed.error?.issues.map((i) => i.path.join("."))).toContain(path);
  });
});
