import type { Poured } from "@/core/formula/weigh/as-poured";
import type { Formulation } from "@/core/formulation";
import type { OwnEntries } from "@/core/materials/pantry";
import type { BatchClock } from "@/core/program/batch-clock";
import type { MeasureSystem } from "@/core/quantity/spoons";
import type { WordAmounts } from "@/core/quantity/words";
import type { KitchenLimits } from "@/core/safety/limits";
import type { OwnKind, OwnVessel, Usual } from "./kitchen";
import type { KitchenLearned } from "./learned";
import type { ReadingBody } from "./requests";
import type { SheetSnapshot } from "./sheet";

/** What the server hands to the screens. */
/** What readings taught of a food: diffusivity over the table's, and one standard deviation of its logarithm. */
export interface Rate {
  factor: number;
  doubt: number;
}

export interface KitchenView {
  /** By food. */
  rates: Record<string, Rate>;
  name: string;
  timeZone: string;
  measures: MeasureSystem;
  limits: KitchenLimits;
  words: WordAmounts;
  usual: Usual;
  /** The wanted salt it has taken for its own, share of finished flesh; null where the usual is offered. */
  houseSalt: number | null;
  /** What the cook decided about what this kitchen has learnt. */
  learned: KitchenLearned;
  /** Its own entries, and the table's it measured anew. */
  own: OwnEntries;
  vessels: OwnVessel[];
  /** Entries that were put away: kind and id. */
  putAway: { kind: OwnKind; id: string; name: string }[];
}

/** A formula without what is in it. */
export interface FormulaHead {
  id: string;
  name: string;
  tags: string[];
  archived: boolean;
  /** The newest, or the one that is shown. */
  version: number;
}

export interface FormulaView extends FormulaHead {
  branchedFrom: { formulaId: string; name: string; version: number } | null;
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
  /** What is held of this batch's rate now, and what was at its start; null where only the table was known. */
  rate: { factor: number; doubt: number | null };
  prior: { factor: number; doubt: number | null };
  readingCount: number;
  /** A rehearsal runs on a clock of its own. */
  clock: BatchClock;
  /** Judged salt, −2 to 2; null while nobody judged. */
  saltScore: number | null;
}

export interface BatchDetail extends BatchView {
  /** What really went on the scale; left out where nothing was weighed. */
  poured?: Poured;
  readings: { id: number; atMs: number; reading: ReadingBody }[];
  events: {
    kind: string;
    what: string | null;
    atMs: number;
    recordedAtMs: number;
    /** By how much the device's clock was ahead, where the hour was set right by that. */
    deviceAheadMs: number | null;
  }[];
  acknowledgements: { ruleId: string; title: string; severity: string; reason: string; atMs: number }[];
}

/** Formulas that name a material or vessel, by "kind/id". */
export type Uses = Record<string, { formulaId: string; name: string }[]>;
