import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formula/model";
import type { Outcome } from "../formula/outcome";
import { hazard } from "../materials/lookup";

export type Severity = "stop" | "caution" | "tip";

/** What a rule looks at: the cook's decisions, the computed sheet, and the food at the planned lift-out. */
export interface RuleContext {
  input: Formulation;
  sheet: Formulated;
  atPull: Outcome;
}

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

type OwnWords = Pick<Rule, "because" | "check"> & Partial<Pick<Rule, "severity" | "instead" | "title">>;

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

export const LOCAL_CODE = "Follow your local food code where it differs.";
