import { rawStorageLimitH } from "../materials/lookup";
import { hazardRule, type Rule } from "./rule";

/** FSIS line between cold and warm, 40 °F, °C; *from memory*. */
export const COLD_LIMIT_C = 4.4;
/** FSIS: two hours warm in all, one above 32 °C; *from memory*. */
const COUNTER_LIMIT_H = 2;

const perishable = (group: string) => group !== "vegetable";

export const COLD_RULES: readonly Rule[] = [
  hazardRule("brine_room_temp", {
    title: "Soak not refrigerated",
    because:
      "{{pullH}} h at {{temperatureC}} °C. Perishable food may stay above 4 °C for 2 h in all, no longer.",
    check: ({ input, sheet }) => {
      const { place, temperatureC } = input.holding;
      const warm = place === "counter" || (place === "cooler" && temperatureC > COLD_LIMIT_C);
      return warm && perishable(sheet.food.group) && input.pullH > 0.5
        ? { pullH: input.pullH, temperatureC, limitH: COUNTER_LIMIT_H }
        : undefined;
    },
  }),
  hazardRule("fridge_too_warm", {
    because: "The fridge is at {{temperatureC}} °C; raw food is kept at or below 4 °C.",
    check: ({ input }) =>
      input.holding.place === "fridge" && input.holding.temperatureC > COLD_LIMIT_C
        ? { temperatureC: input.holding.temperatureC }
        : undefined,
  }),
  hazardRule("hot_brine", {
    title: "Brine not cold before the food goes in",
    because: "The brine is at {{brineStartC}} °C; it must be at or below 4 °C before raw food goes in.",
    check: ({ input }) =>
      input.preparation.kind === "wetBrine" && input.holding.brineStartC > COLD_LIMIT_C
        ? { brineStartC: input.holding.brineStartC }
        : undefined,
  }),
  hazardRule("cooler_ice_melt", {
    because: "{{pullH}} h in a cooler: ice melts, and the brine warms and weakens.",
    check: ({ input }) =>
      input.holding.place === "cooler" && input.pullH > 8 ? { pullH: input.pullH } : undefined,
  }),
  hazardRule("raw_storage", {
    because:
      "Planned for {{pullH}} h; raw {{food}} keeps about {{limitH}} h in the fridge from the day it is bought.",
    check: ({ input, sheet }) => {
      const limitH = rawStorageLimitH(sheet.food);
      return limitH !== undefined && input.pullH > limitH
        ? { pullH: input.pullH, limitH, food: sheet.food.group }
        : undefined;
    },
  }),
  hazardRule("scombroid", {
    severity: "caution",
    because: "{{food}}: this kind makes histamine when warm, and cooking does not remove it.",
    check: ({ sheet }) =>
      /mackerel|sardine|tuna/.test(sheet.food.id) ? { food: sheet.food.name } : undefined,
  }),
];
