import { and, asc, eq, inArray } from "drizzle-orm";
import { isOven } from "@/core/formula/cook/cook-stages";
import type { Formulated } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formulation";
import { heatedPiece } from "@/core/heat/cook-minutes";
import { engineMinutes } from "@/core/heat/engine-minutes";
import { climbSeen, type SeenClimb } from "@/core/learned/climb";
import { ovenSeen, type OvenSeen } from "@/core/learned/oven";
import type { Foretold } from "@/core/learned/scored";
import { intoHeat } from "@/core/program/out";
import { exitsOf, type Exit } from "@/core/program/exits";
import { foreseeDone, type Sample } from "@/core/program/foresee";
import { remembered } from "@/core/remembered";
import type { Db } from "./database";
import { batchActs, samples } from "./schema";

const MIN_MS = 60_000;

/** What a batch's own probe told, from the oven to the table. */
export interface RoastSeen {
  batchId: string;
  climb?: SeenClimb;
  oven?: OvenSeen;
  /** What was foretold half-way, and when it was done. */
  done?: Foretold;
}

const roasts = remembered<RoastSeen | undefined>(200);

/** @returns undefined where no probe was in it, or nobody ticked the oven off */
export function roastOf(db: Db, batchId: string, cooked: Cooked): RoastSeen | undefined {
  const into = intoHeat(cooked.formulation);
  const acts = db
    .select({ id: batchActs.actId, atMs: batchActs.doneAtMs })
    .from(batchActs)
    .where(and(eq(batchActs.batchId, batchId), inArray(batchActs.actId, [into, "oven_out"])))
    .all();
  const inMs = acts.find((a) => a.id === into)?.atMs;
  const outMs = acts.find((a) => a.id === "oven_out")?.atMs;
  if (inMs === undefined || outMs === undefined) return undefined;
  const read: Sample[] = db
    .select({ channel: samples.channel, atMs: samples.atMs, value: samples.value })
    .from(samples)
    .where(and(eq(samples.batchId, batchId), eq(samples.channel, "probe")))
    .orderBy(asc(samples.atMs))
    .all();
  const last = read.at(-1);
  if (!last) return undefined;
  // What is stored of a batch is only added to.
  return roasts(JSON.stringify([batchId, inMs, outMs, read.length, last.atMs]), () => {
    const [exit] = exitsOf(cooked.formulation, cooked.sheet);
    return exit && { batchId, ...told(cooked, exit, read, { batchId, inMs, outMs }) };
  });
}

interface Cooked {
  /** By the plain sums. */
  formulation: Formulation;
  sheet: Formulated;
  /** With what was taken for true of this kitchen's heat when it began. */
  asCooked: Formulation;
}

interface Went {
  batchId: string;
  inMs: number;
  outMs: number;
}

function told(cooked: Cooked, exit: Exit, read: readonly Sample[], went: Went): Omit<RoastSeen, "batchId"> {
  const { batchId, inMs, outMs } = went;
  const inHeat = read.filter((s) => s.atMs >= inMs && s.atMs <= outMs);
  const seenC = climbSeen(read, outMs);
  // It came out where it was told to then, and what was foretold was foretold so.
  const [reckoned = exit] = exitsOf(cooked.asCooked, cooked.sheet);
  const tookMin = minutesTo(inHeat, reckoned.outC, inMs);
  const oven =
    tookMin === undefined ? undefined : ovenOf(cooked, exit, { batchId, tookMin, outC: reckoned.outC });
  const done =
    tookMin === undefined ? undefined : foretoldDone(cooked.sheet, reckoned, inHeat, { ...went, tookMin });
  return {
    ...(seenC !== undefined && { climb: { batchId, seenC, foretoldC: exit.climb.likely } }),
    ...(oven && { oven }),
    ...(done && { done }),
  };
}

/** When the middle stood at its exit, min after it went in. */
function minutesTo(inHeat: readonly Sample[], outC: number, inMs: number): number | undefined {
  const there = inHeat.find((s) => s.value >= outC);
  return there && (there.atMs - inMs) / MIN_MS;
}

/** One even heat, open to the oven: what else stands about the food is not the dial's doing. */
function ovenOf(
  { formulation, sheet }: Cooked,
  exit: Exit,
  { outC, ...took }: { batchId: string; tookMin: number; outC: number },
): OvenSeen | undefined {
  const [oven, ...others] = exit.stages.filter(isOven);
  if (oven?.cover !== "open" || others.length > 0) return undefined;
  const { ovenC } = oven;
  const piece = heatedPiece(sheet.food, {
    thicknessMm: exit.thicknessMm,
    startC: formulation.holding.temperatureC,
  });
  // It was taken out where its likely climb ends so high.
  const endC = outC + exit.climb.likely;
  return ovenSeen({
    ...took,
    dialC: ovenC,
    minutesAt: (offC) => engineMinutes(piece, ovenC + offC, "open", exit.restMin, endC),
  });
}

/** Half-way to its exit: what the probe had foretold then, against when it got there. */
function foretoldDone(
  sheet: Formulated,
  exit: Exit,
  inHeat: readonly Sample[],
  { batchId, inMs, tookMin: came }: Went & { tookMin: number },
): Foretold | undefined {
  const { forecast } = foreseeDone(
    sheet,
    exit,
    inMs,
    inHeat.filter((s) => s.atMs <= inMs + (came / 2) * MIN_MS),
  );
  return (
    forecast && {
      batchId,
      what: "done",
      foretold: forecast.doneMin,
      low: forecast.earlyMin,
      high: forecast.lateMin,
      came,
    }
  );
}
