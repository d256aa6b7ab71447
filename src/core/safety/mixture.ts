import { acidLimitH } from "../formula/soak/keep-limit";
import { companionName } from "../formula/weigh/companion-names";
import { goesOnAt, PUT_ON } from "../formula/weigh/companions";
import { isSeafood } from "../materials/facts";
import { COLD_LIMIT_C, SHARP_PH } from "../materials/official";
import { pantryOf } from "../materials/pantry";
import { hazardRule, type Rule, type RuleContext } from "./rule";
import * as words from "@/words/core/safety/mixture";

/** An enzyme source past this share of the food runs away. Hazard table, *practice*. */
const ENZYME_MOST = 0.05;

const hasOil = ({ sheet }: RuleContext) => (sheet.mix?.fatFraction ?? 0) > 0.2;

/** Parts that no heat reaches: dressings, and what goes on out of the heat. */
const uncookedParts = (input: RuleContext["input"]): Set<number> =>
  new Set(
    (input.companions ?? []).flatMap((c, i) =>
      c.kind === "dressing" ||
      (PUT_ON.has(c.kind) && (goesOnAt(c) === "afterHeat" || goesOnAt(c) === "atTable"))
        ? [i]
        : [],
    ),
  );

export const MIXTURE_RULES: readonly Rule[] = [
  hazardRule("over_acid_fish", {
    ...words.overAcidFish,
    check: ({ input, sheet }) => {
      const pH = sheet.mix?.pH;
      const limitH = acidLimitH(sheet.food, sheet.citricPerKgG ?? 0);
      return isSeafood(sheet.food) && pH !== undefined && pH < SHARP_PH && input.pullH > limitH
        ? { pH, pullH: input.pullH, limitH, food: sheet.food.name }
        : undefined;
    },
  }),
  hazardRule("acid_not_cooking", {
    ...words.acidNotCooking,
    check: ({ input, sheet }) =>
      isSeafood(sheet.food) && input.servedRaw && sheet.mix?.pH !== undefined
        ? { food: sheet.food.name }
        : undefined,
  }),
  hazardRule("enzyme_mush", {
    ...words.enzymeMush,
    check: ({ input, sheet }) => {
      if (sheet.mix?.kind !== "enzyme") return undefined;
      const share = sheet.mix.proteaseG / sheet.foodG;
      const limitH = sheet.soak.window.keepLimitH;
      return share > ENZYME_MOST || input.pullH > limitH
        ? { percent: share * 100, pullH: input.pullH, limitH }
        : undefined;
    },
  }),
  hazardRule("reused_marinade", {
    ...words.reusedMarinade,
    check: ({ input }) => {
      const used = input.companions?.find((c) => c.leftover === "asIs");
      return used ? { name: companionName(used) } : undefined;
    },
  }),
  hazardRule("reused_marinade", {
    id: "boil_leftover",
    severity: "caution",
    ...words.boilLeftover,
    check: ({ input }) => {
      const used = input.companions?.find((c) => c.leftover === "boiled");
      return used ? { name: companionName(used) } : undefined;
    },
  }),
  hazardRule("garlic_oil", {
    ...words.garlicOil,
    check: (c) => {
      const { temperatureC, place } = c.input.holding;
      const warm = place === "counter" || temperatureC > COLD_LIMIT_C;
      const fresh = c.ingredients.some((i) => i.flags.includes("fresh_in_oil"));
      const long = c.input.pullH > 96 || (warm && c.input.pullH > 2);
      return hasOil(c) && fresh && long ? { temperatureC, pullH: c.input.pullH } : undefined;
    },
  }),
  hazardRule("raw_egg_white", {
    id: "raw_egg_served",
    ...words.rawEggServed,
    check: ({ input, sheet }) => {
      const uncooked = uncookedParts(input);
      const pantry = pantryOf(input.own);
      const raw = sheet.companions.find(
        (l) =>
          l.companion !== undefined &&
          uncooked.has(l.companion) &&
          pantry.ingredient(l.id)?.flags.includes("raw_egg"),
      );
      return raw && { what: raw.name, part: raw.part };
    },
  }),
  hazardRule("alcohol", {
    ...words.alcohol,
    check: ({ facts }) => (facts.alcoholPerPortionG > 0.05 ? { grams: facts.alcoholPerPortionG } : undefined),
  }),
  hazardRule("mustard_oil_rule", {
    ...words.mustardOilRule,
    check: ({ ingredients }) => (ingredients.some((i) => i.flags.includes("erucic")) ? {} : undefined),
  }),
  {
    id: "hidden_salt",
    severity: "caution",
    ...words.hiddenSalt,
    check: ({ input, sheet }) => {
      const { targetFraction } = input.preparation;
      const wantedG = targetFraction * sheet.flesh.massG;
      const hiddenG = sheet.mix?.naclG ?? 0;
      const own = sheet.lines.some((l) => l.role === "salt");
      return !own && targetFraction > 0 && hiddenG > 1.05 * wantedG ? { hiddenG, wantedG } : undefined;
    },
  },
  {
    id: "beside_food",
    severity: "tip",
    ...words.besideFood,
    check: ({ input, sheet }) => {
      const snug = sheet.snug;
      return snug && input.vessel.shape !== "bag" && snug.haveMl < 0.9 * snug.coverMl
        ? { haveMl: snug.haveMl, coverMl: snug.coverMl, bagMl: snug.bagMl }
        : undefined;
    },
  },
  {
    id: "thin_paste",
    severity: "tip",
    ...words.thinPaste,
    check: ({ sheet }) =>
      sheet.paste && sheet.coat && sheet.coat.massG < 0.7 * sheet.paste.neededG
        ? { haveG: sheet.coat.massG, neededG: sheet.paste.neededG }
        : undefined,
  },
  {
    id: "falls_off",
    severity: "caution",
    ...words.fallsOff,
    check: ({ sheet }) =>
      sheet.coat && !sheet.paste && sheet.coat.stuckShare < 0.97
        ? {
            massG: sheet.coat.massG,
            holdsG: sheet.coat.holdsG,
            percent: (1 - sheet.coat.stuckShare) * 100,
          }
        : undefined,
  },
];
