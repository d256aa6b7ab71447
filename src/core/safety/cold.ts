import { rawStorageLimitH } from "../materials/lookup";
import { COLD_LIMIT_C, DANGER_ZONE, HOT_ROOM_C } from "../materials/official";
import type { Food } from "../materials/types";
import { described } from "../preparations";
import { hazardRule, stands, type Rule } from "./rule";
import * as words from "@/words/core/safety/cold";

/** Whole raw vegetables keep in a cool room; everything else is perishable. */
const perishable = (food: Food) => food.group !== "vegetable";

export const COLD_RULES: readonly Rule[] = [
  hazardRule("brine_room_temp", {
    ...words.brineRoomTemp,
    check: (c) => {
      const { input, sheet } = c;
      const { place, temperatureC } = input.holding;
      const warm = place === "counter" || (place === "cooler" && temperatureC > COLD_LIMIT_C);
      return stands(c) && warm && perishable(sheet.food) && input.pullH > 0.5
        ? { pullH: input.pullH, temperatureC, limitH: DANGER_ZONE.hours, coldC: COLD_LIMIT_C }
        : undefined;
    },
  }),
  hazardRule("fridge_too_warm", {
    ...words.fridgeTooWarm,
    check: ({ input }) =>
      input.holding.place === "fridge" && input.holding.temperatureC > COLD_LIMIT_C
        ? { temperatureC: input.holding.temperatureC, coldC: COLD_LIMIT_C }
        : undefined,
  }),
  hazardRule("hot_brine", {
    ...words.hotBrine,
    check: ({ input }) =>
      described(input.preparation).brined && input.holding.brineStartC > COLD_LIMIT_C
        ? { brineStartC: input.holding.brineStartC, coldC: COLD_LIMIT_C }
        : undefined,
  }),
  hazardRule("cooler_ice_melt", {
    ...words.coolerIceMelt,
    check: ({ input }) =>
      input.holding.place === "cooler" && input.pullH > 8 ? { pullH: input.pullH } : undefined,
  }),
  hazardRule("raw_storage", {
    ...words.rawStorage,
    check: ({ input, sheet }) => {
      const limitH = rawStorageLimitH(sheet.food);
      const rawH = input.pullH + 24 * (input.pieces.daysRaw ?? 0);
      return limitH !== undefined && rawH > limitH ? { rawH, limitH, food: sheet.food.group } : undefined;
    },
  }),
  hazardRule("scombroid", {
    severity: "caution",
    ...words.scombroid,
    check: ({ sheet }) => (sheet.food.flags.includes("scombroid") ? { food: sheet.food.name } : undefined),
  }),
  hazardRule("danger_zone_total", {
    ...words.dangerZoneTotal,
    check: (c) => {
      const { place, temperatureC } = c.input.holding;
      const limitH = temperatureC > HOT_ROOM_C ? DANGER_ZONE.hoursAbove90F : DANGER_ZONE.hours;
      const { pullH } = c.input;
      return stands(c) && place === "counter" && perishable(c.sheet.food) && pullH > limitH
        ? { pullH, temperatureC, limitH }
        : undefined;
    },
  }),
  hazardRule("counter_thaw", {
    ...words.counterThaw,
    check: ({ input }) => (input.pieces.thaw === "counter" ? {} : undefined),
  }),
  hazardRule("frozen_bird_warm_brine", {
    ...words.frozenBirdWarmBrine,
    check: ({ input, sheet }) => {
      const { place, temperatureC, brineStartC } = input.holding;
      const warm = place === "counter" || temperatureC > COLD_LIMIT_C || brineStartC > COLD_LIMIT_C;
      return input.pieces.thaw === "inBrine" && warm
        ? {
            food: sheet.food.name,
            temperatureC: Math.max(temperatureC, brineStartC),
            place: words.place[place],
          }
        : undefined;
    },
  }),
];
