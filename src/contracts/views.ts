import type { MeasureSystem } from "@/core/quantity/spoons";
import type { Formulation } from "@/core/formula/model";
import type { SheetSnapshot } from "./sheet";

/** What the server hands to the screens. */
export interface KitchenView {
  name: string;
  timeZone: string;
  measures: MeasureSystem;
}

export interface FormulaView {
  id: string;
  name: string;
  version: number;
  versions: { version: number; note: string; createdAtMs: number }[];
  formulation: Formulation;
}

export interface BatchView {
  id: string;
  formulaId: string;
  version: number;
  name: string;
  formulation: Formulation;
  sheet: SheetSnapshot;
  startedAtMs: number;
  plannedLiftAtMs: number;
  liftedAtMs: number | null;
  timeZone: string;
}

export interface BatchDetail extends BatchView {
  events: { kind: string; atMs: number; recordedAtMs: number }[];
  acknowledgements: { ruleId: string; title: string; severity: string; reason: string; atMs: number }[];
}
