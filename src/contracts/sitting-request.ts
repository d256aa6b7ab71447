import type { DishRequest, SittingRequest } from "@/core/schedule/request";
import type { SittingBody, SittingDish, SittingView } from "./sitting";

/* Between a sitting as it is kept and what the planner is asked. What checks either comes only where it is checked. */

/** What the planner is asked: running dishes with what was done of them. A batch that is gone is left out. */
export function requestOf({
  body,
  timeZone,
  running,
  plainDone,
  rates = {},
}: Pick<SittingView, "body" | "timeZone" | "running"> &
  Partial<Pick<SittingView, "plainDone" | "rates">>): SittingRequest {
  const { tableMs, kitchen, quiet, absences, pins, getsUp } = body;
  return {
    tableMs,
    timeZone,
    kitchen,
    quiet,
    absences,
    pins,
    getsUp,
    dishes: body.dishes.flatMap((dish): DishRequest[] => {
      if (dish.kind === "plain") {
        const doneMs = plainDone?.[dish.id];
        return [doneMs ? { ...dish, doneMs } : dish];
      }
      if (dish.kind === "running") return running.filter((r) => r.id === dish.id);
      const { id, name, formulation } = dish;
      // As it will be started: with the rate this kitchen has taken for its food.
      const rateFactor = rates[formulation.foodId];
      return [{ kind: "batch", id, name, formulation, ...(rateFactor !== undefined && { rateFactor }) }];
    }),
  };
}

/** A request changed by an offer, back into what is kept: running dishes stay what they are. */
export function bodyFrom(body: SittingBody, request: SittingRequest): SittingBody {
  const { tableMs, kitchen, pins, getsUp } = request;
  return {
    ...body,
    tableMs,
    kitchen,
    pins,
    getsUp,
    dishes: body.dishes.flatMap((dish): SittingDish[] => {
      const asked = request.dishes.find((d) => d.id === dish.id);
      // It goes on its own, or its batch is gone.
      if (dish.kind === "running" && !asked) return [];
      if (dish.kind === "formula" && asked?.kind === "batch")
        return [{ ...dish, formulation: asked.formulation }];
      if (dish.kind !== "plain" || asked?.kind !== "plain") return [dish];
      const plain = { ...asked };
      delete plain.doneMs;
      return [plain];
    }),
  };
}
