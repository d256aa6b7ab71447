import { bodyShapeOf } from "../diffusion/piece-form";
import { cookOf, stagesOf } from "../formula/cook/cook";
import { formulate } from "../formula/formulate";
import { heatingTime } from "../heat/damp-roast";
import type { BatchRequest, DishRequest } from "./request";

export const withFormulation = (
  dish: BatchRequest,
  part: Partial<BatchRequest["formulation"]>,
): BatchRequest => ({
  ...dish,
  formulation: { ...dish.formulation, ...part },
});

/** The one heat a dish is baked at; undefined on the hob, and where stages are there for a reason. */
export function heatOf(dish: DishRequest): number | undefined {
  if (dish.kind === "plain") return dish.ovenC;
  const { cook } = dish.formulation;
  if (cook?.stages && cook.stages.length > 1) return undefined;
  return cook?.stages?.[0].ovenC ?? cook?.ovenC;
}

/** Minutes for vegetables go about with the air above their own warmth. *Practice*, rough. */
const plainMinutes = (minutes: number, fromC: number, toC: number) =>
  Math.round((minutes * (fromC - 20)) / (toC - 20));

/** A dish at another heat, and how many minutes that takes more; undefined where its sums do not work out. */
export function atHeat(
  dish: DishRequest,
  fromC: number,
  toC: number,
): { dish: DishRequest; byMin: number } | undefined {
  if (dish.kind === "plain") {
    const trays = dish.trays.map((t) => ({ ...t, minutes: plainMinutes(t.minutes, fromC, toC) }));
    const longest = (d: { minutes: number }[]) => Math.max(...d.map((t) => t.minutes));
    return { dish: { ...dish, ovenC: toC, trays }, byMin: longest(trays) - longest(dish.trays) };
  }
  const sheet = formulate(dish.formulation, { rateFactor: dish.rateFactor ?? 1 });
  if (!sheet.ok) return undefined;
  const { formulation } = dish;
  const cook = cookOf(formulation, sheet.value.food);
  const crust = sheet.value.crust !== undefined;
  const minutes = stagesOf(formulation, cook)[0].minutes;
  const { thicknessMm } = formulation.pieces;
  const shape = bodyShapeOf(sheet.value.food);
  const at = (airC: number) => heatingTime({ shape, thicknessMm, airC, toC: cook.toC, dry: crust });
  const [then, now] = [at(fromC), at(toC)];
  // Where the damp face never lets it get there by these sums, it goes about with the air.
  const ratio = then && now ? now / then : (fromC - 20) / (toC - 20);
  const changedMin = Math.max(5, Math.round(minutes * ratio));
  return {
    dish: withFormulation(dish, {
      cook: { ...cook, ovenC: toC, minutes: changedMin, stages: undefined },
      ...(crust && { pullH: changedMin / 60 }),
    }),
    byMin: changedMin - minutes,
  };
}
