import { acidLimitH } from "../formula/soak/keep-limit";
import { goesOnAt, PUT_ON } from "../formula/weigh/companions";
import { isSeafood } from "../materials/facts";
import { COLD_LIMIT_C, SHARP_PH } from "../materials/official";
import { pantryOf } from "../materials/pantry";
import { hazardRule, type Rule, type RuleContext } from "./rule";

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
    because: "pH {{pH}} for {{pullH}} h; {{food}} bears {{limitH}} h of it.",
    check: ({ input, sheet }) => {
      const pH = sheet.mix?.pH;
      const limitH = acidLimitH(sheet.food, sheet.citricPerKgG ?? 0);
      return isSeafood(sheet.food) && pH !== undefined && pH < SHARP_PH && input.pullH > limitH
        ? { pH, pullH: input.pullH, limitH, food: sheet.food.name }
        : undefined;
    },
  }),
  hazardRule("acid_not_cooking", {
    because: "{{food}} in acid, to be eaten raw: what turns opaque is not cooked.",
    check: ({ input, sheet }) =>
      isSeafood(sheet.food) && input.servedRaw && sheet.mix?.pH !== undefined
        ? { food: sheet.food.name }
        : undefined,
  }),
  hazardRule("enzyme_mush", {
    because: "{{percent}} % of the food is enzyme fruit, for {{pullH}} h; {{limitH}} h is the most.",
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
    because: "“{{name}}” is made with what lay on raw food, and is not said to be boiled.",
    check: ({ input }) => {
      const used = input.companions?.find((c) => c.leftover === "asIs");
      return used ? { name: used.name || used.kind } : undefined;
    },
  }),
  hazardRule("reused_marinade", {
    id: "boil_leftover",
    severity: "caution",
    title: "Boil what touched raw food",
    because: "“{{name}}” is made with what lay on raw food: bring it to a full boil before it is eaten.",
    check: ({ input }) => {
      const used = input.companions?.find((c) => c.leftover === "boiled");
      return used ? { name: used.name || used.kind } : undefined;
    },
  }),
  hazardRule("garlic_oil", {
    because: "Garlic, chilli or fresh herb under oil at {{temperatureC}} °C for {{pullH}} h.",
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
    title: "Raw egg, not cooked",
    because: "{{what}} goes into the {{part}}, which is not cooked.",
    instead: "Pasteurised egg, or cook it to 71 °C.",
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
    because: "{{grams}} g of alcohol a portion goes in; some stays after cooking.",
    check: ({ facts }) => (facts.alcoholPerPortionG > 0.05 ? { grams: facts.alcoholPerPortionG } : undefined),
  }),
  hazardRule("mustard_oil_rule", {
    because: "Mustard oil is among the lines.",
    check: ({ ingredients }) => (ingredients.some((i) => i.flags.includes("erucic")) ? {} : undefined),
  }),
  {
    id: "hidden_salt",
    severity: "caution",
    title: "The mixture is salty enough without salt",
    because:
      "Its lines bring {{hiddenG}} g of salt; {{wantedG}} g would season the food. No salt is weighed out, and it is still too much.",
    instead: "Less of the saltiest line, or its unsalted kind; the ledger names it.",
    source: "common practice, no source; mass balance",
    deferTo: "your own taste",
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
    title: "It stands beside the food",
    because: "{{haveMl}} ml is here, {{coverMl}} ml would cover the food in this vessel.",
    instead: "A bag pressed round the food needs about {{bagMl}} ml; or turn it every few hours.",
    source: "common practice, no source; geometry",
    deferTo: "your own eye",
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
    title: "The paste will be thinner than that",
    because: "{{haveG}} g of paste over this surface; {{neededG}} g would stand as thick as you asked.",
    instead: "More of every line, or spread it on the side that shows.",
    source: "common practice, no source; geometry",
    deferTo: "your own eye",
    check: ({ sheet }) =>
      sheet.paste && sheet.coat && sheet.coat.massG < 0.7 * sheet.paste.neededG
        ? { haveG: sheet.coat.massG, neededG: sheet.paste.neededG }
        : undefined,
  },
  {
    id: "falls_off",
    severity: "caution",
    title: "Some of it will not stick",
    because:
      "{{massG}} g of rub; this face holds about {{holdsG}} g. {{percent}} % falls off, and its salt with it.",
    instead: "Less rub, a damp or oiled face, or more of it inside.",
    source: "common practice, no source",
    deferTo: "your own eye",
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
