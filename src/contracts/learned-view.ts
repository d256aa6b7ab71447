import type { HeatHere } from "@/core/formulation";
import type { LearntClimb } from "@/core/learned/climb";
import type { LearntHeatUp } from "@/core/learned/heat-up";
import type { LearntOven } from "@/core/learned/oven";
import type { RateByFood } from "@/core/learned/rates";
import type { Score } from "@/core/learned/scored";
import type { KitchenLearned } from "./learned";
import type { Rate } from "./views";

/** A food's rate as a screen shows it. */
export interface RateView extends RateByFood {
  name: string;
  /** What was taken for true; null where the table holds. */
  kept: Rate | null;
  /** "9 h instead of 11": until the latest of its formulas is ready, by the learnt and by the table's rate; null where neither is. */
  readyH: { learnt: number; table: number; of: string } | null;
}

/** What this kitchen has learnt, and how what was foretold came out. */
export interface LearnedView {
  rates: RateView[];
  oven: LearntOven | null;
  climb: LearntClimb | null;
  heatUp: LearntHeatUp | null;
  heat: HeatHere;
  ovenReadings: KitchenLearned["ovenReadings"];
  /** Real batches, and rehearsed ones apart. */
  score: { real: Score; rehearsed: Score };
  /** Names and days of the batches that are spoken of. */
  batches: Record<string, { name: string; atMs: number }>;
}
