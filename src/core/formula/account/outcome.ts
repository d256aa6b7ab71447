import { momentAt } from "../../diffusion/moment";
import { meanPerWaterBetween } from "../../diffusion/read-moment";
import type { SoakMoment } from "../../diffusion/run";
import type { Formulated } from "../formulate";
import { rinsedMoment, type RinsedShares } from "../soak/rinse";
import { shareOfFinishedFlesh } from "../weigh/equilibrium";
import { dishLedger, type DishLedger } from "./dish-ledger";
import * as words from "@/words/core/formula/account/outcome";

/** The food at the moment it is lifted out. Salt as shares of finished flesh. */
export interface Outcome {
  moment: SoakMoment;
  meanFraction: number;
  surfaceFraction: number;
  centreFraction: number;
  /** Centre over mean, 0 to 1. */
  evenness: number;
  /** Mean of the outer third of the thickness. */
  outerThirdFraction: number;
  bathFraction: number | undefined;
  /** As it goes to the heat: after the fresh water, where the cook has it rinsed. */
  toHeat: RinsedShares;
  /** Pieces of other sizes in the same bath. */
  alongside: { meanFraction: number; centreFraction: number }[];
  /** Of the whole dish: every source, and where each gram ends. */
  ledger: DishLedger;
}

/** A moment of the run as shares of finished flesh. */
export function momentShares(f: Pick<Formulated, "soaked" | "soak" | "contact">, moment: SoakMoment) {
  const w = f.soaked.waterFraction;
  const share = (perWater: number) => shareOfFinishedFlesh(perWater, w);
  // Salt put into the flesh starts in the middle of what is solved: "surface" is where it enters, "centre" what it comes to last.
  const within = f.contact.kind === "within";
  const [enters, last] = within ? [moment.centre, moment.surface] : [moment.surface, moment.centre];
  const [from, to] = within ? [0, 1 / 3] : [2 / 3, 1];
  return {
    moment,
    meanFraction: share(moment.mean),
    surfaceFraction: share(enters),
    centreFraction: share(last),
    evenness: moment.mean > 0 ? last / moment.mean : 0,
    outerThirdFraction: share(meanPerWaterBetween(f.soak.run.grid, moment, from, to)),
  };
}

/** @param hours after the start, 0 to the end of the rail */
export function outcomeAt(f: Formulated, hours: number, portions: number): Outcome {
  const moment = momentAt(f.soak.run, hours * 3600);
  const fleshWaterG = f.soaked.massG * f.soaked.waterFraction;
  const sizes = [
    { moment, share: f.load.mainShare },
    ...f.soak.alongside.map(({ run, share }) => ({ moment: momentAt(run, hours * 3600), share })),
  ];
  const over = (of: (m: SoakMoment) => number) =>
    fleshWaterG * sizes.reduce((sum, size) => sum + size.share * of(size.moment), 0);
  const bath = f.contact.kind === "bath" ? moment.bath : undefined;
  const inFleshG = over((m) => m.mean);
  const rinsed = f.rinseMin === undefined ? undefined : rinsedMoment(f, hours, f.rinseMin);
  const kept = rinsed?.kept ?? 1;
  const lifted = momentShares(f, moment);
  return {
    ...lifted,
    alongside: sizes.slice(1).map(({ moment: m }) => ({
      meanFraction: shareOfFinishedFlesh(m.mean, f.soaked.waterFraction),
      centreFraction: shareOfFinishedFlesh(m.centre, f.soaked.waterFraction),
    })),
    bathFraction: bath === undefined ? undefined : bath / (1 + bath),
    toHeat: rinsed?.shares ?? sharesAtLift(lifted),
    ledger: dishLedger(f, { inFleshG, rinsedG: inFleshG * (1 - kept), pouredOver: hours === 0 }, portions),
  };
}

const sharesAtLift = ({ meanFraction, surfaceFraction, centreFraction }: RinsedShares): RinsedShares => ({
  meanFraction,
  surfaceFraction,
  centreFraction,
});

/** Common names for how salty finished flesh tastes. *Practice*. */
export const TASTE_BANDS = [
  { below: 0.005, name: words.bland },
  { below: 0.008, name: words.faint },
  { below: 0.012, name: words.light },
  { below: 0.016, name: words.seasoned },
  { below: 0.02, name: words.firmlySeasoned },
  { below: 0.025, name: words.hamLike },
  { below: Infinity, name: words.tooSaltyForMost },
] as const;

export const tasteBand = (fraction: number): string =>
  TASTE_BANDS.find((band) => fraction < band.below)?.name ?? words.tooSaltyForMost;
