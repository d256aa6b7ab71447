import { COLD_RULES } from "./cold";
import { HANDLING_RULES } from "./handling";
import type { Finding, Rule, RuleContext, Severity } from "./rule";
import { SALT_RULES } from "./salt";
import { VESSEL_RULES } from "./vessel";

/** Every rule there is, by subject. */
export const RULES: readonly Rule[] = [...COLD_RULES, ...SALT_RULES, ...VESSEL_RULES, ...HANDLING_RULES];

const ORDER: Record<Severity, number> = { stop: 0, caution: 1, tip: 2 };

/** What the rules say of a formulation, gravest first. */
export function findingsFor(context: RuleContext): Finding[] {
  return RULES.flatMap(({ check, ...words }) => {
    const data = check(context);
    return data ? [{ ...words, data }] : [];
  }).sort((a, b) => ORDER[a.severity] - ORDER[b.severity]);
}
