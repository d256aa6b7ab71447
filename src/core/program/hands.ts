import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formulation";
import { afterSteps } from "./after";
import { beforeSteps } from "./before";
import { soakSteps } from "./soak";

/** Minutes somebody stands by it, from getting it ready to the heat: what a way of salting costs a cook. */
export function handsToTheHeat(input: Formulation, sheet: Formulated): number {
  // Of its cook only what is done to it before counts here.
  const cook = input.cook ?? { toC: sheet.food.targetC, minutes: 0, restMin: 0 };
  const dish = { input, sheet, cook, exits: [], soakH: input.pullH };
  const steps = [...beforeSteps(dish), ...soakSteps(dish).steps, ...afterSteps(dish)];
  return steps.reduce((sum, step) => sum + step.handsMin, 0);
}
