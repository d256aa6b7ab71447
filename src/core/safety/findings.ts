import { COLD_RULES } from "./cold";
import { CRUST_RULES } from "./crust";
import { EATER_RULES } from "./eaters";
import { HANDLING_RULES } from "./handling";
import { HEAT_RULES } from "./heat";
import { MIXTURE_RULES } from "./mixture";
import { contextOf, type Finding, type Rule, type Severity, type Situation } from "./rule";
import { SALT_RULES } from "./salt";
import { VESSEL_RULES } from "./vessel";

/** Every rule there is, by subject. */
export const RULES: readonly Rule[] = [
  ...COLD_RULES,
  ...SALT_RULES,
  ...MIXTURE_RULES,
  ...CRUST_RULES,
  ...VESSEL_RULES,
  ...HANDLING_RULES,
  ...HEAT_RULES,
  ...EATER_RULES,
];

const ORDER: Record<Severity, number> = { stop: 0, caution: 1, tip: 2 };

/** What the rules say of a formulation, gravest first. */
export function findingsFor(situation: Situation): Finding[] {
  const context = contextOf(situation);
  return RULES.flatMap(({ check, ...words }) => {
    const data = check(context);
    return data ? [{ ...words, data }] : [];
  }).sort((a, b) => ORDER[a.severity] - ORDER[b.severity]);
}
