import { COMPANION_NAME } from "../formula/weigh/companion-names";
import type { LinePart } from "../formula/weigh/lines";
import type { LineLaw, ScalingLaw } from "../formulation";
import { describedKind, PREPARATION_KINDS, wordsBy, type PreparationKind } from "../preparations";
import * as words from "@/words/core/exchange/names";

/* What the core's kinds are called, on screen, on paper and in every file. */

export const PREPARATION_NAME = wordsBy((words) => words.name);

export const LAW_NAME: Record<ScalingLaw, string> = words.lawName;

/** What an amount is per, under each law. */
export const LAW_UNIT: Record<LineLaw, string> = words.lawUnit;

export const PART_NAME: Record<LinePart, string> = { ...COMPANION_NAME, ...words.partName };

/** A preparation by its kind, where the school does not matter. */
export const KIND_NAME = Object.fromEntries(
  PREPARATION_KINDS.map((kind) => [kind, describedKind(kind).words.kind]),
) as Record<PreparationKind, string>;
