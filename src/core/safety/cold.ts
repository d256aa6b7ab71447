import { rawStorageLimitH } from "../materials/lookup";
import { hazardRule, stands, type Rule } from "./rule";

/** FSIS line between cold and warm, 40 °F, °C; *from memory*. */
export const COLD_LIMIT_C = 4.4;
/** FSIS: two hours warm in all, one above 32 °C; *from memory*. */
const COUNTER_LIMIT_H = 2;
const HOT_ROOM_C = 32;

const perishable = (group: string) => group !== "vegetable";

export const COLD_RULES: readonly Rule[] = [
  hazardRule("brine_room_temp", {
    title: "Soak not refrigerated",
    because:
      "{{pullH}} h at {{temperatureC}} °C. Perishable food may stay above 4 °C for 2 h in all, no longer.",
    check: (c) => {
      const { input, sheet } = c;
      const { place, temperatureC } = input.holding;
      const warm = place === "counter" || (place === "cooler" && temperatureC > COLD_LIMIT_C);
      return stands(c) && warm && perishable(sheet.food.group) && input.pullH > 0.5
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
      "Raw for {{rawH}} h in all; raw {{food}} keeps about {{limitH}} h in the fridge from the day it is bought.",
    check: ({ input, sheet }) => {
      const limitH = rawStorageLimitH(sheet.food);
      const rawH = input.pullH + 24 * (input.pieces.daysRaw ?? 0);
      return limitH !== undefined && rawH > limitH ? { rawH, limitH, food: sheet.food.group } : undefined;
    },
  }),
  hazardRule("scombroid", {
    severity: "caution",
    because: "{{food}}: this kind makes histamine when warm, and cooking does not remove it.",
    check: ({ sheet }) =>
      /mackerel|sardine|tuna/.test(sheet.food.id) ? { food: sheet.food.name } : undefined,
  }),
  hazardRule("danger_zone_total", {
    because: "{{pullH}} h at {{temperatureC}} °C is more than the {{limitH}} h in all that it may be warm.",
    check: (c) => {
      const { place, temperatureC } = c.input.holding;
      const limitH = temperatureC > HOT_ROOM_C ? 1 : COUNTER_LIMIT_H;
      const { pullH } = c.input;
      return stands(c) && place === "counter" && perishable(c.sheet.food.group) && pullH > limitH
        ? { pullH, temperatureC, limitH }
        : undefined;
    },
  }),
  hazardRule("counter_thaw", {
    because: "Thawing on the counter: the outside is warm for hours while the middle is frozen.",
    check: ({ input }) => (input.pieces.thaw === "counter" ? {} : undefined),
  }),
  hazardRule("frozen_bird_warm_brine", {
    title: "Frozen food in a bath that warms",
    because: "Frozen {{food}} goes into a bath at {{temperatureC}} °C in {{place}}.",
    check: ({ input, sheet }) => {
      const { place, temperatureC, brineStartC } = input.holding;
      const warm = place === "counter" || temperatureC > COLD_LIMIT_C || brineStartC > COLD_LIMIT_C;
      return input.pieces.thaw === "inBrine" && warm
        ? {
            food: sheet.food.name,
            temperatureC: Math.max(temperatureC, brineStartC),
            place: place === "counter" ? "the room" : `a ${place}`,
          }
        : undefined;
    },
  }),
];
