import { HEATS, heatWord } from "../formula/account/dish-facts";
import { allergenName } from "../materials/allergens";
import { coolestEndC } from "../program/exits";
import type { Eater } from "./limits";
import { hazardRule, LOCAL_CODE, type Rule, type RuleContext } from "./rule";
import * as words from "@/words/core/safety/eaters";

const eatersWho = (c: RuleContext, is: (e: Eater) => boolean) => c.kitchen.eaters.filter(is);
const names = (eaters: readonly Eater[]) => eaters.map((e) => e.name).join(", ");

/** What of a list somebody must avoid, and who. */
function met(c: RuleContext, allergens: readonly string[]) {
  const who = eatersWho(c, (e) => e.avoids.some((a) => allergens.includes(a)));
  const what = [...new Set(who.flatMap((e) => e.avoids.filter((a) => allergens.includes(a))))];
  return who.length > 0 ? { who: names(who), what: what.map(allergenName).join(", ") } : undefined;
}

const rank = (name: string) => HEATS.findIndex((h) => h.name === name);

export const EATER_RULES: readonly Rule[] = [
  hazardRule("allergen", {
    ...words.allergen,
    check: (c) => met(c, c.facts.allergens),
  }),
  hazardRule("allergen_label", {
    ...words.allergenLabel,
    check: (c) => met(c, c.facts.maybeAllergens),
  }),
  hazardRule("allergen_label", {
    id: "read_labels",
    severity: "tip",
    ...words.readLabels,
    check: (c) =>
      c.facts.maybeAllergens.length > 0 && !met(c, c.facts.maybeAllergens)
        ? { what: c.facts.maybeAllergens.map(allergenName).join(", ") }
        : undefined,
  }),
  hazardRule("honey_infant", {
    ...words.honeyInfant,
    check: (c) => {
      const infants = eatersWho(c, (e) => e.infant);
      return c.facts.honey && infants.length > 0 ? { who: names(infants) } : undefined;
    },
  }),
  hazardRule("honey_infant", {
    id: "honey_note",
    severity: "tip",
    ...words.honeyNote,
    check: (c) => (c.facts.honey && !c.kitchen.eaters.some((e) => e.infant) ? {} : undefined),
  }),
  hazardRule("sodium_restricted", {
    id: "sodium_eater",
    ...words.sodiumEater,
    check: (c) => {
      const mg = c.atPull.ledger.sodiumMgPerPortion;
      const over = eatersWho(c, (e) => e.sodiumMg !== null && e.sodiumMg < mg);
      return over.length > 0
        ? { sodiumMg: mg, who: names(over), limitMg: Math.min(...over.map((e) => e.sodiumMg ?? mg)) }
        : undefined;
    },
  }),
  {
    id: "at_risk_eater",
    severity: "stop",
    ...words.atRiskEater,
    deferTo: LOCAL_CODE,
    check: (c) => {
      const who = eatersWho(c, (e) => e.atRisk || e.infant);
      if (who.length === 0) return undefined;
      const { safeMinC } = c.sheet.food;
      const why = c.input.servedRaw
        ? words.itIsEatenRaw
        : safeMinC !== null && coolestEndC(c.cook) < safeMinC
          ? words.itIsCookedToC(coolestEndC(c.cook), safeMinC)
          : undefined;
      return why ? { why, who: names(who) } : undefined;
    },
  },
  {
    id: "alcohol_eater",
    severity: "stop",
    ...words.alcoholEater,
    check: (c) => {
      const who = eatersWho(c, (e) => e.noAlcohol);
      return c.facts.alcoholPerPortionG > 0 && who.length > 0
        ? { grams: c.facts.alcoholPerPortionG, who: names(who) }
        : undefined;
    },
  },
  {
    id: "too_hot_for",
    severity: "caution",
    ...words.tooHotFor,
    check: (c) => {
      const who = eatersWho(c, (e) => e.mostHeat !== null && rank(e.mostHeat) < rank(c.facts.heat));
      const [first] = who;
      return (
        first && { heat: heatWord(c.facts.heat), who: names(who), most: heatWord(first.mostHeat ?? "none") }
      );
    },
  },
];
