import { glazeWindowMin } from "../heat/glaze";
import { isSeafood } from "../materials/lookup";
import { hazardRule, type Rule } from "./rule";

/** USDA FSIS: fish is done at 145 °F, °C; *from memory*. */
const FISH_SAFE_C = 62.8;
/** USDA FSIS: no roasting under 325 °F, °C; *from memory*. */
const ROAST_FLOOR_C = 163;
/** A coat that blackens in 20 to 30 min of such an oven (ingredient table). */
const COAT_BURNS_AFTER_MIN = 25;
const SUGARY = 0.05;

export const HEAT_RULES: readonly Rule[] = [
  hazardRule("sugar_scorch", {
    because:
      "The coat is {{sugarPercent}} % sugar and blackens at about {{scorchC}} °C; the oven is {{ovenC}} °C for {{minutes}} min.",
    check: ({ sheet: { mix, coat, snug }, cook }) => {
      if (!mix || !(coat || snug) || cook.ovenC === undefined || mix.scorchC === undefined) return undefined;
      return mix.sugarFraction > SUGARY && cook.ovenC >= mix.scorchC && cook.minutes > COAT_BURNS_AFTER_MIN
        ? {
            sugarPercent: mix.sugarFraction * 100,
            scorchC: mix.scorchC,
            ovenC: cook.ovenC,
            minutes: cook.minutes,
          }
        : undefined;
    },
  }),
  hazardRule("sugar_scorch", {
    id: "glaze_too_early",
    title: "The glaze goes on too early",
    because:
      "On for the last {{lastMin}} min at {{ovenC}} °C; at that heat sugar stands {{low}} to {{high}} min.",
    check: ({ input, cook }) => {
      const glaze = input.companions?.find((c) => c.kind === "glaze");
      if (!glaze?.lastMin || cook.ovenC === undefined) return undefined;
      const { low, high } = glazeWindowMin(cook.ovenC);
      return glaze.lastMin > high ? { lastMin: glaze.lastMin, ovenC: cook.ovenC, low, high } : undefined;
    },
  }),
  hazardRule("smoke_broiler", {
    because: "Under the grill: fat and oil smoke and can catch fire.",
    check: ({ cook }) => (cook.broil ? {} : undefined),
  }),
  hazardRule("glass_shock", {
    because: "A cold glass dish goes into the heat.",
    check: ({ input, cook }) =>
      input.vessel.material === "glass" && (cook.inColdDish || cook.broil) ? {} : undefined,
  }),
  hazardRule("slow_oven", {
    because: "{{massKg}} kg in an oven at {{ovenC}} °C; the usual floor is 163 °C.",
    check: ({ sheet, cook }) =>
      cook.ovenC !== undefined &&
      cook.ovenC < ROAST_FLOOR_C &&
      sheet.food.safeMinC !== null &&
      sheet.foodG > 2000
        ? { massKg: sheet.foodG / 1000, ovenC: cook.ovenC }
        : undefined,
  }),
  hazardRule("raw_fish_parasites", {
    because: "{{food}} {{how}}: raw or lightly cooked fish can carry parasites and germs.",
    check: ({ input, sheet, cook }) => {
      if (!isSeafood(sheet.food)) return undefined;
      if (input.servedRaw) return { food: sheet.food.name, how: "eaten raw" };
      return cook.toC < FISH_SAFE_C ? { food: sheet.food.name, how: `cooked to ${cook.toC} °C` } : undefined;
    },
  }),
  hazardRule("stuffing_bird", {
    because: "A stuffed {{food}}: the stuffing must reach 74 °C too, and it slows the bird.",
    check: ({ input, sheet }) =>
      input.pieces.stuffed && sheet.food.kingdom === "bird" ? { food: sheet.food.name } : undefined,
  }),
  hazardRule("no_thermometer", {
    because: "No probe in this kitchen, and {{food}} has an official minimum of {{safeMinC}} °C.",
    check: ({ kitchen, sheet }) =>
      !kitchen.thermometer && sheet.food.safeMinC !== null
        ? { food: sheet.food.name, safeMinC: sheet.food.safeMinC }
        : undefined,
  }),
  hazardRule("leftovers", {
    severity: "tip",
    because: "{{grams}} g of edible food a portion: there will be some over.",
    check: ({ input, sheet }) => {
      const each = sheet.foodG / input.portions;
      return each > 1.25 * sheet.food.servingHeartyG
        ? { grams: Math.round(sheet.flesh.massG / input.portions) }
        : undefined;
    },
  }),
];
