import type { SittingBody } from "@/contracts/sitting";
import { unknownNames } from "@/core/formula/offer/names-used";
import { withOwn } from "@/core/formula/offer/with-own";
import type { Formulation } from "@/core/formulation";
import { pantryOf } from "@/core/materials/pantry";
import type { Db } from "./database";
import { loadKitchen } from "./kitchen";
import { Refusal } from "./problem";
import * as words from "@/words/server/known-names";

/**
 * A formulation that came from outside: as it is where it names only what it brings and what the tables have, else with this
 * kitchen's own entries that it names.
 * @throws Refusal 422 naming each id that nobody has: it could never be worked out
 */
export function knownHere(db: Db, formulation: Formulation): Formulation {
  if (unknownNames(formulation, pantryOf(formulation.own)).length === 0) return formulation;
  const { own, learned } = loadKitchen(db);
  const here = withOwn(formulation, own, learned.heat);
  const issues = unknownNames(here, pantryOf(here.own)).map(({ path, id }) => ({
    path: `formulation.${path}`,
    message: words.thereIsNo(id),
  }));
  if (issues.length > 0)
    throw new Refusal(
      422,
      words.unknownNames,
      words.apiV1FoodsSalts(issues.map(({ path, message }) => `${path}: ${message}`).join("; ")),
      { issues },
    );
  return here;
}

/** What is started here is weighed with this kitchen's own measures, and cooked in its oven. @throws Refusal 422 */
export function asStartedHere(db: Db, formulation: Formulation): Formulation {
  const { own, learned } = loadKitchen(db);
  return withOwn(knownHere(db, formulation), own, learned.heat);
}

/** The same of every formula in a sitting. @throws Refusal 422 */
export const knownSitting = (db: Db, body: SittingBody): SittingBody => ({
  ...body,
  dishes: body.dishes.map((dish) =>
    dish.kind === "formula" ? { ...dish, formulation: knownHere(db, dish.formulation) } : dish,
  ),
});
