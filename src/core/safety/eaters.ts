import { HEATS } from "../formula/account/dish-facts";
import { coolestEndC } from "../program/exits";
import type { Eater } from "./limits";
import { hazardRule, LOCAL_CODE, type Rule, type RuleContext } from "./rule";

const eatersWho = (c: RuleContext, is: (e: Eater) => boolean) => c.kitchen.eaters.filter(is);
const names = (eaters: readonly Eater[]) => eaters.map((e) => e.name).join(", ");
const said = (allergen: string) => allergen.replaceAll("_", " ");

/** What of a list somebody must avoid, and who. */
function met(c: RuleContext, allergens: readonly string[]) {
  const who = eatersWho(c, (e) => e.avoids.some((a) => allergens.includes(a)));
  const what = [...new Set(who.flatMap((e) => e.avoids.filter((a) => allergens.includes(a))))];
  return who.length > 0 ? { who: names(who), what: what.map(said).join(", ") } : undefined;
}

const rank = (name: string) => HEATS.findIndex((h) => h.name === name);

export const EATER_RULES: readonly Rule[] = [
  hazardRule("allergen", {
    because: "{{what}} in this dish; {{who}} must avoid it.",
    check: (c) => met(c, c.facts.allergens),
  }),
  hazardRule("allergen_label", {
    because: "Some makers' kinds hold {{what}}; {{who}} must avoid it.",
    check: (c) => met(c, c.facts.maybeAllergens),
  }),
  hazardRule("allergen_label", {
    id: "read_labels",
    severity: "tip",
    title: "Read these labels",
    because: "Some makers add {{what}} to what is in this dish.",
    check: (c) =>
      c.facts.maybeAllergens.length > 0 && !met(c, c.facts.maybeAllergens)
        ? { what: c.facts.maybeAllergens.map(said).join(", ") }
        : undefined,
  }),
  hazardRule("honey_infant", {
    because: "Honey in this dish, and {{who}} is under twelve months.",
    check: (c) => {
      const infants = eatersWho(c, (e) => e.infant);
      return c.facts.honey && infants.length > 0 ? { who: names(infants) } : undefined;
    },
  }),
  hazardRule("honey_infant", {
    id: "honey_note",
    severity: "tip",
    because: "Honey in this dish: never for a child under twelve months, not even cooked.",
    check: (c) => (c.facts.honey && !c.kitchen.eaters.some((e) => e.infant) ? {} : undefined),
  }),
  hazardRule("sodium_restricted", {
    id: "sodium_eater",
    title: "Too much sodium for somebody",
    because: "{{sodiumMg}} mg of sodium a portion; {{who}} may have {{limitMg}} mg.",
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
    title: "Not safe for somebody at the table",
    because: "{{why}}; {{who}} should have nothing raw or under the official minimum.",
    instead: "Cook their part to the official minimum, or give them another dish.",
    source: "USDA FSIS; FDA Food Code 2022 (recalled)",
    deferTo: LOCAL_CODE,
    check: (c) => {
      const who = eatersWho(c, (e) => e.atRisk || e.infant);
      if (who.length === 0) return undefined;
      const { safeMinC } = c.sheet.food;
      const why = c.input.servedRaw
        ? "It is eaten raw"
        : safeMinC !== null && coolestEndC(c.cook) < safeMinC
          ? `It is cooked to ${coolestEndC(c.cook)} °C, under ${safeMinC} °C`
          : undefined;
      return why ? { why, who: names(who) } : undefined;
    },
  },
  {
    id: "alcohol_eater",
    severity: "stop",
    title: "Alcohol for somebody who takes none",
    because: "{{grams}} g of alcohol a portion goes in; {{who}} takes none.",
    instead: "Juice, stock or vinegar in its place.",
    source: "USDA retention table; common practice (recalled)",
    deferTo: "the eater's own word",
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
    title: "Hotter than somebody will eat",
    because: "{{heat}} heat; {{who}} eats {{most}} at most.",
    instead: "Turn the chilli dial down, or set their part aside before the chilli goes in.",
    source: "common practice, no source",
    deferTo: "the eater's own word",
    check: (c) => {
      const who = eatersWho(c, (e) => e.mostHeat !== null && rank(e.mostHeat) < rank(c.facts.heat));
      return who.length > 0
        ? { heat: c.facts.heat, who: names(who), most: who[0].mostHeat ?? "" }
        : undefined;
    },
  },
];
