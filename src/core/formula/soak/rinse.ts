import type { SoakMoment } from "../../diffusion/run";
import type { Formulated } from "../formulate";
import { shareOfFinishedFlesh } from "../weigh/equilibrium";
import { rinseStage, runAfter } from "./plate";

/** Salt as shares of finished flesh. */
export interface RinsedShares {
  meanFraction: number;
  surfaceFraction: number;
  centreFraction: number;
}

/** What fresh water does: before it and after it. */
export interface Rinse {
  minutes: number;
  before: RinsedShares;
  after: RinsedShares;
}

type Rinsed = Pick<Formulated, "soak" | "soaked">;

const sharesOf = ({ soaked }: Pick<Formulated, "soaked">, m: SoakMoment): RinsedShares => {
  const share = (perWater: number) => shareOfFinishedFlesh(perWater, soaked.waterFraction);
  return { meanFraction: share(m.mean), surfaceFraction: share(m.surface), centreFraction: share(m.centre) };
};

/**
 * The food after so many minutes in fresh cold water, five times its own water and changed once.
 * @param hours it had stood when it was taken out
 * @returns the shares before and after, and how much of its salt the flesh keeps
 */
export function rinsedMoment(f: Rinsed, hours: number, minutes: number) {
  const { before, after } = run(f, hours, minutes);
  const kept = before.mean > 0 ? Math.min(1, after.mean / before.mean) : 1;
  return { kept, shares: sharesOf(f, after), before: sharesOf(f, before) };
}

/** The figures before and after. */
export function rinseOf(f: Rinsed, hours: number, minutes: number): Rinse {
  const { before, shares } = rinsedMoment(f, hours, minutes);
  return { minutes, before, after: shares };
}

function run({ soak }: Rinsed, hours: number, minutes: number): { before: SoakMoment; after: SoakMoment } {
  const ran = runAfter(soak.problem, Math.max(hours, 1 / 60), [rinseStage(soak.problem, minutes)]);
  if (!ran.ok) throw new Error(ran.error.field);
  const { moments } = ran.value;
  return { before: moments[moments.length - 2], after: moments[moments.length - 1] };
}
