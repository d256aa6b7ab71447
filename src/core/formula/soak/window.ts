import type { Bake, Contact } from "../weigh/prepared";
import type { KeepLimit, PastReason } from "./keep-limit";

/** The soak rail: 10 minutes to 4 days. */
export const RAIL_FROM_H = 1 / 6;
export const RAIL_TO_H = 96;
export const HOUR_S = 3600;

/** An hour that is known within a range; undefined where it does not come within the rail. */
export interface SoftHour {
  early?: number | undefined;
  likely?: number | undefined;
  late?: number | undefined;
}

export interface SoakWindow {
  ready: SoftHour;
  /** When the soak is past it, and why. */
  past: SoftHour;
  pastReason: PastReason;
  /** Before it is ready: too little salt has gone in, or what is there still lies in the outside, or about the stabs. */
  lacks: "salt" | "spreading" | "meeting";
  /** The hours the practice table or the storage chart allows. */
  keepLimitH: number;
}

/** A window from the hours of readiness and of going over, cut off where practice, acid or storage end it. */
export function windowFrom(
  load: {
    keep: KeepLimit;
    bake?: Bake | undefined;
    contact?: Pick<Contact, "kind">;
    excess?: boolean | undefined;
  },
  ready: SoftHour,
  over: SoftHour,
): SoakWindow {
  if (load.bake) return bakedWindow(load.bake);
  const { hours: keepLimitH, reason } = load.keep;
  const overFirst = over.early !== undefined && over.early < keepLimitH;
  const capped = (h: number | undefined) => Math.min(h ?? keepLimitH, keepLimitH);
  return {
    ready,
    past: { early: capped(over.early), likely: capped(over.likely), late: capped(over.late) },
    pastReason: overFirst ? "over_salted" : reason,
    lacks: lackOf(load),
    keepLimitH,
  };
}

/** Salt laid on by the gram, or put in, is soon in; it then needs its time to spread. */
function lackOf({
  contact,
  excess,
}: {
  contact?: Pick<Contact, "kind">;
  excess?: boolean | undefined;
}): SoakWindow["lacks"] {
  if (contact?.kind === "within") return "meeting";
  return contact?.kind === "drySalt" && !excess ? "spreading" : "salt";
}

/** A crust is past it when it has baked so much longer than the latest reckoning. *Practice*, estimate. */
const OVER_BAKED = 1.25;

function bakedWindow({ earlyH, likelyH, lateH }: Bake): SoakWindow {
  const past = (h: number) => h * OVER_BAKED;
  return {
    ready: { early: earlyH, likely: likelyH, late: lateH },
    past: { early: past(likelyH), likely: past(lateH), late: past(lateH * OVER_BAKED) },
    pastReason: "over_baked",
    lacks: "salt",
    keepLimitH: past(lateH),
  };
}

/** Hours past the rail's end are not known. */
export function withinRail(hours: SoftHour): SoftHour {
  return Object.fromEntries(Object.entries(hours).filter(([, h]) => h <= RAIL_TO_H));
}
