import type { FaultId } from "../outcome";
import type { Cause, RealBatch, Weigh } from "./cause";
import {
  askedHot,
  crustDry,
  crustThin,
  damp,
  fineSalt,
  manyWhites,
  noSlack,
  overCooked,
  scaled,
  sugarBurns,
  tooMuchCoat,
  uneven,
  wetFood,
} from "./of-cooking";
import {
  centreBehind,
  hidden,
  highTarget,
  lowTarget,
  meanOver,
  meanUnder,
  overAcid,
  overPoured,
  surfaceSalt,
  tooLong,
} from "./of-salt";

export type { Cause, RealBatch } from "./cause";

const CAUSES: Record<FaultId, readonly Weigh[]> = {
  too_salty: [overPoured, meanOver, hidden, highTarget, surfaceSalt],
  bland: [meanUnder(2), lowTarget],
  bland_inside: [centreBehind, meanUnder(1)],
  grey_surface: [overAcid, tooLong],
  ham_like: [meanOver, tooLong, highTarget],
  rubbery_skin: [damp],
  crust_cracked: [crustThin, crustDry],
  crust_stone: [manyWhites, fineSalt],
  crust_salted_flesh: [fineSalt, scaled, tooLong],
  burnt_coat: [sugarBurns],
  dry: [overCooked, askedHot, meanUnder(1)],
  watery_pan: [wetFood],
  uneven_pieces: [uneven],
  late: [noSlack],
  fell_off: [tooMuchCoat, wetFood],
};

/** Likely reasons for a fault from this batch's own numbers, the likeliest first. */
export function causesOf(fault: FaultId, batch: RealBatch): Cause[] {
  return CAUSES[fault].flatMap((weigh) => weigh(batch) ?? []).sort((a, b) => b.strength - a.strength);
}
