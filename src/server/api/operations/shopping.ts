import { z } from "zod";
import { provisionsOf } from "@/core/schedule/provisions";
import type { SittingRequest } from "@/core/schedule/request";

const bought = z.object({
  id: z.string(),
  name: z.string(),
  massG: z.number(),
  dishes: z.array(z.string()),
});

export const shoppingAnswer = z.object({
  /** Raw, as it is bought. */
  foods: z.array(bought),
  /** Everything weighed out, the same of all dishes together. */
  lines: z.array(bought),
  /** To chill the brines, and to keep the coolers cold, g. */
  iceG: z.object({ brines: z.number(), coolers: z.number() }),
  /** Who must not eat which. */
  dishes: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      allergens: z.array(z.string()),
      maybe: z.array(z.string()),
    }),
  ),
});

/** What dishes take, all together. @param soakH hours each stands by its plan; left out, its own */
export const shoppingOf = (
  dishes: SittingRequest["dishes"],
  soakH: Readonly<Record<string, number>> = {},
): z.infer<typeof shoppingAnswer> => {
  const { foods, lines, iceG, dishes: eaten } = provisionsOf({ dishes }, soakH);
  return { foods, lines, iceG, dishes: eaten };
};
