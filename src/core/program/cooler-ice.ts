import type { Formulation } from "../formulation";
import { coolerPlan } from "../heat/cooler";
import { vesselLeakWPerK } from "../heat/vessel-leak";

/** A cooler's ice is never left longer than this, min (hazard table: every four to five hours). */
export const ICE_MOST_MIN = 5 * 60;
/** A room about the cooler where nobody said how warm it is, °C. *Practice*. */
export const USUAL_ROOM_C = 20;
/** More than this at once does not go into a cooler beside its food, kg. *Practice*. */
const MOST_ICE_KG = 10;

/** How many looks at the ice a soak of so many hours takes: as few as keep every gap, the last one too, under five hours. */
export const iceLooks = (soakH: number): number => Math.floor(Math.round(soakH * 60) / ICE_MOST_MIN);

/** Ice for all the hours food stands in a cooler, g. */
export interface CoolerIce {
  /** What melts. */
  meltsG: number;
  /** About it at the start, and at each look: half as much again as melts until the next. */
  firstG: number;
  topUpG: number;
  /** What must be in the house for both. */
  allG: number;
  /** Hours after it went in at which somebody looks. */
  looksAtH: number[];
}

/** The ice that keeps a cooler as cold as its food is held, looked at by the acts of its program. */
export function coolerIce(
  { input, soakH }: { input: Pick<Formulation, "vessel" | "holding">; soakH: number },
  roomC = USUAL_ROOM_C,
): CoolerIce {
  const looks = iceLooks(soakH);
  const everyH = soakH / (looks + 1);
  const plan = coolerPlan({
    leakWPerK: vesselLeakWPerK(input.vessel),
    roomC,
    keepC: input.holding.temperatureC,
    hours: soakH,
    topUpEveryH: Math.max(0.5, everyH),
    mostIceKg: MOST_ICE_KG,
  });
  const firstG = plan.firstIceKg * 1000;
  const topUpG = Math.max(0, ...plan.topUps.map((t) => t.iceKg)) * 1000;
  return {
    meltsG: plan.iceKg * 1000,
    firstG,
    topUpG,
    allG: firstG + looks * topUpG,
    looksAtH: Array.from({ length: looks }, (_, i) => everyH * (i + 1)),
  };
}
