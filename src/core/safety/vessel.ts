import { EATS_METAL_PH } from "../materials/official";
import { fridgeMiss } from "../vessel/vessel";
import { hazardRule, stands, type Rule } from "./rule";
import * as words from "@/words/core/safety/vessel";

const REACTIVE: Record<string, string> = words.reactive;

/** Room a vessel should have above food and brine, share. *Practice* (hazard table). */
const ROOM = 1.15;

export const VESSEL_RULES: readonly Rule[] = [
  hazardRule("reactive_metal", {
    ...words.reactiveMetal,
    check: (c) => {
      const { input, sheet } = c;
      const metal = REACTIVE[input.vessel.material];
      const sour = sheet.mix?.pH !== undefined && sheet.mix.pH < EATS_METAL_PH;
      return metal && stands(c) && input.pullH > 0.5
        ? { metal, pullH: input.pullH, what: words.acidAndSalt(sour) }
        : undefined;
    },
  }),
  hazardRule("non_food_bucket", {
    ...words.nonFoodBucket,
    check: ({ input }) => (input.vessel.material === "unknown_plastic" ? {} : undefined),
  }),
  hazardRule("not_submerged", {
    ...words.notSubmerged,
    check: ({ sheet }) =>
      sheet.brine && sheet.level && sheet.level.exposedMm > 0.5
        ? { exposedMm: sheet.level.exposedMm }
        : undefined,
  }),
  {
    ...hazardRule("not_submerged", {
      ...words.floatsUp,
      check: ({ input, sheet }) =>
        sheet.brine && sheet.level && sheet.level.exposedMm <= 0.5 && !input.vessel.plate ? {} : undefined,
    }),
    id: "may_float",
    severity: "tip",
    ...words.mayFloat,
  },
  hazardRule("pan_overflow", {
    ...words.panOverflow,
    check: ({ sheet }) => {
      const neededMl = sheet.liquidMl + sheet.fit.foodMl;
      return sheet.level && sheet.fit.capacityMl < ROOM * neededMl
        ? { neededL: neededMl / 1000, capacityL: sheet.fit.capacityMl / 1000 }
        : undefined;
    },
  }),
  {
    id: "fridge_fit",
    severity: "caution",
    ...words.fridgeFit,
    check: (c) => {
      const { fridge } = c.kitchen;
      if (!fridge || c.input.holding.place !== "fridge" || !stands(c)) return undefined;
      return fridgeMiss(c.input.vessel, fridge);
    },
  },
];
