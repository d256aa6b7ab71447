import { ingredientsOf, dishFacts, type DishFacts } from "../formula/account/dish-facts";
import type { Outcome } from "../formula/account/outcome";
import { cookOf } from "../formula/cook/cook";
import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formulation";
import type { Cook } from "../formulation";
import { hazard } from "../materials/hazard";
import type { Ingredient } from "../materials/types";
import { isBaked } from "../preparations";
import { NO_LIMITS, type KitchenLimits } from "./limits";
import * as words from "@/words/core/safety/rule";

export type Severity = "stop" | "caution" | "tip";

/** What the rules are asked about: the cook's decisions, the computed sheet, and the food at the planned lift-out. */
export interface Situation {
  input: Formulation;
  sheet: Formulated;
  atPull: Outcome;
  /** Left out: a kitchen nobody described. */
  kitchen?: KitchenLimits | undefined;
}

/** A situation with what several rules need worked out once. */
export interface RuleContext extends Situation {
  kitchen: KitchenLimits;
  facts: DishFacts;
  cook: Cook;
  /** Ingredients on the sheet, in the mixture and beside it. */
  ingredients: Ingredient[];
}

export function contextOf(s: Situation): RuleContext {
  return {
    ...s,
    kitchen: s.kitchen ?? NO_LIMITS,
    facts: dishFacts(s.input, s.sheet),
    cook: atItsHottest(cookOf(s.input, s.sheet.food)),
    ingredients: ingredientsOf(s.input, s.sheet).map(({ ingredient }) => ingredient),
  };
}

/** A cook in stages is judged by its hottest: that is what burns. */
const atItsHottest = (cook: Cook): Cook =>
  cook.stages ? { ...cook, ovenC: Math.max(...cook.stages.map((stage) => stage.ovenC)) } : cook;

/** Figures that fill a message's {{places}}. */
export type FindingData = Record<string, number | string>;

export interface Rule {
  id: string;
  severity: Severity;
  title: string;
  /** Why it fired, with {{places}} for the figures. */
  because: string;
  instead: string;
  source: string;
  /** Whose word goes before this one. */
  deferTo: string;
  /** One set of figures when the rule fires, undefined when it does not. */
  check: (context: RuleContext) => FindingData | undefined;
}

export interface Finding extends Omit<Rule, "check"> {
  data: FindingData;
}

type OwnWords = Pick<Rule, "because" | "check"> &
  Partial<Pick<Rule, "severity" | "instead" | "title" | "id">>;

/** A rule whose title, advice and source stand in the hazard table under the same id. */
export function hazardRule(id: string, own: OwnWords): Rule {
  const row = hazard(id);
  return {
    id,
    severity: row.severity,
    title: row.title,
    instead: row.safeAlternative,
    source: row.source,
    deferTo: row.deferTo,
    ...own,
  };
}

export const LOCAL_CODE = words.followYourLocalFoodCode;

/** Soaks stand for hours; a crust is baked at once. */
export const stands = ({ input }: RuleContext): boolean => !isBaked(input);
