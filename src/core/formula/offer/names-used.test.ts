import { chops } from "../formulation.fixture";
import { preparationOffered } from "./defaults";
import { withPreparation } from "./offered";
import { namesUsed, unknownNames } from "./names-used";
import { pantryOf } from "../../materials/pantry";
import type { Companion, FormulaLine } from "../../formulation";
import { NO_BINDER } from "../weigh/no-binder";

const line = (ingredientId: string): FormulaLine => ({
  ingredientId,
  amountG: 5,
  scalesWith: "foodMass",
  optional: false,
});
const beside = (...ids: string[]): Companion => ({ kind: "sauce", name: "", lines: ids.map(line) });
const pantry = pantryOf(undefined);

test("every material once: lines, what is beside, a paste's binder, and sugar where there is any", () => {
  const f = chops({
    lines: [line("pepper_black_ground"), line("butter_salted")],
    companions: [beside("butter_salted", "butter_unsalted"), beside("soy_sauce")],
    sugarPerSalt: 0.3,
    sugarId: "sugar_white",
  });
  expect(namesUsed(f)).toEqual({
    food: "pork_chop_boneless",
    salt: "pickling",
    ingredients: ["pepper_black_ground", "butter_salted", "butter_unsalted", "soy_sauce", "sugar_white"],
  });
  expect(namesUsed({ ...f, sugarPerSalt: 0 }).ingredients).not.toContain("sugar_white");
  expect(namesUsed({ ...f, companions: undefined }).ingredients).toEqual([
    "pepper_black_ground",
    "butter_salted",
    "sugar_white",
  ]);
  const paste = { ...f, preparation: { ...preparationOffered("paste", 0.01), binderId: "white_miso" } };
  expect(namesUsed(paste as typeof f).ingredients).toContain("white_miso");
});

test("what a pantry does not have is named by where it stands", () => {
  const ghost = (id: string) => `no_such_${id}`;
  const f = chops({
    foodId: ghost("food"),
    saltId: ghost("salt"),
    lines: [line("pepper_black_ground"), line(ghost("line"))],
    companions: [beside("pepper_black_ground"), beside("pepper_black_ground", ghost("beside"))],
    sugarPerSalt: 0.3,
    sugarId: ghost("sugar"),
  });
  expect(unknownNames(f, pantry)).toEqual([
    { path: "foodId", id: ghost("food") },
    { path: "saltId", id: ghost("salt") },
    { path: "lines.1.ingredientId", id: ghost("line") },
    { path: "companions.1.lines.1.ingredientId", id: ghost("beside") },
    { path: "sugarId", id: ghost("sugar") },
  ]);
  expect(unknownNames({ ...chops(), sugarPerSalt: 0, sugarId: ghost("sugar") }, pantry)).toEqual([]);
  expect(unknownNames({ ...chops(), companions: undefined }, pantry)).toEqual([]);
});

test("a paste's binder must be there, unless it has none", () => {
  const bound = (binderId: string) => {
    const f = withPreparation(chops(), "paste");
    return unknownNames(
      { ...f, lines: [], preparation: { ...f.preparation, binderId } as typeof f.preparation },
      pantry,
    );
  };
  expect(bound("no_such_binder")).toEqual([{ path: "preparation.binderId", id: "no_such_binder" }]);
  expect(bound(NO_BINDER)).toEqual([]);
});
