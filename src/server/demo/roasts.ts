import type { ReadingRequest } from "@/contracts/requests";
import { bodyShapeOf } from "@/core/diffusion/piece-form";
import { isOven } from "@/core/formula/cook/cook-stages";
import { formulate, type Formulated } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formulation";
import { heatedPiece } from "@/core/heat/cook-minutes";
import { engineMinutes } from "@/core/heat/engine-minutes";
import { roastCore } from "@/core/instruments/kitchen-truth";
import { noiseAt } from "@/core/instruments/random";
import { foretoldBath } from "@/core/learned/learn-rate";
import { exitsOf, type Exit } from "@/core/program/exits";
import { intoHeat } from "@/core/program/out";
import type { Db } from "../database";
import { addReadings } from "../readings";
import { batchActs, samples } from "../schema";

const MIN_MS = 60_000;
const HOUR_MS = 60 * MIN_MS;
/** The canteen's oven stands so much under its dial, and salt goes into its pork so much faster than the table says. */
const OVEN_OFF_C = -14;
const RATE = { factor: 1.22, doubt: 0.01 };
/** Little of a climb is seen by the draughty hatch. */
const CLIMBS = 0.65;
const READ_EVERY_MIN = 4;
const LONGEST_MIN = 8 * 60;
const RESTED_MIN = 28;
const HIGHEST_AFTER_MIN = 14;

interface Cooked {
  formulation: Formulation;
  sheet: Formulated;
}

/** Drawn by what it is of: every load of the demo is the same. */
const jitter = (seed: number, tick: number) => (noiseAt(seed, tick) - 0.5) * 0.4;

/**
 * A Saturday's probe: from the oven's door to its exit, and left in through the rest.
 * @returns when it came out of the oven; undefined where nothing was read
 */
export function probed(
  db: Db,
  batchId: string,
  formulation: Formulation,
  inMs: number,
  seed: number,
): number | undefined {
  const sheet = formulate(formulation);
  if (!sheet.ok) return undefined;
  const [exit] = exitsOf(formulation, sheet.value);
  const oven = exit?.stages.find(isOven);
  if (!exit || !oven) return undefined;
  const core = curveOf({ formulation, sheet: sheet.value }, exit, oven.ovenC + OVEN_OFF_C, seed);
  if (!core) return undefined;
  const outMs = inMs + core.outMin * MIN_MS;
  for (const [actId, doneAtMs] of [
    [intoHeat(formulation), inMs],
    ["oven_out", outMs],
  ] as const)
    db.insert(batchActs)
      .values({ batchId, actId, doneAtMs, recordedAtMs: doneAtMs })
      .onConflictDoNothing()
      .run();
  const rows = core.read.map(({ atMin, value }) => ({
    batchId,
    channel: "probe",
    atMs: inMs + atMin * MIN_MS,
    value,
  }));
  db.insert(samples).values(rows).run();
  return outMs;
}

/** The course of a roast of another model, stretched to take as long as the app's own sums say in this oven. */
function curveOf({ formulation, sheet }: Cooked, exit: Exit, airC: number, seed: number) {
  const piece = heatedPiece(sheet.food, {
    thicknessMm: exit.thicknessMm,
    startC: formulation.holding.temperatureC,
  });
  const tookMin = engineMinutes(piece, airC, "open", exit.restMin, exit.outC + exit.climb.likely);
  if (tookMin === undefined) return undefined;
  const outMin = READ_EVERY_MIN * Math.round((tookMin * (0.93 + 0.14 * noiseAt(seed, 3))) / READ_EVERY_MIN);
  const inOven = roastCore(
    {
      shape: bodyShapeOf(sheet.food),
      halfThicknessMm: exit.thicknessMm / 2,
      startC: formulation.holding.temperatureC,
      ovenC: airC,
      swingC: 7,
      swingS: 840,
      filmWPerM2K: 20,
    },
    LONGEST_MIN / 60,
  );
  let doneS = 0;
  while (doneS < LONGEST_MIN * 60 && inOven(doneS) < exit.outC) doneS += 30;
  const tenth = (value: number) => Math.round(value * 10) / 10;
  const read = [];
  for (let atMin = 0; atMin < outMin; atMin += READ_EVERY_MIN)
    read.push({ atMin, value: tenth(inOven((atMin / outMin) * doneS) + jitter(seed, 10 + atMin)) });
  read.push({ atMin: outMin, value: exit.outC });
  const climbC = exit.climb.likely * CLIMBS * (0.85 + 0.3 * noiseAt(seed, 2));
  for (let rest = READ_EVERY_MIN; rest <= RESTED_MIN; rest += READ_EVERY_MIN) {
    const risen = Math.sin((Math.PI / 2) * Math.min(1, rest / HIGHEST_AFTER_MIN));
    read.push({ atMin: outMin + rest, value: tenth(exit.outC + climbC * risen) });
  }
  return { outMin, read };
}

/** A salt meter in the bath by the hours: as it reads where salt goes in a little faster than the table has it. */
export function bathRead(
  db: Db,
  batchId: string,
  formulation: Formulation,
  startedMs: number,
  hours: readonly number[],
): void {
  const sheet = formulate(formulation);
  if (!sheet.ok) return;
  const read = hours.flatMap((h): ReadingRequest[] => {
    const told = foretoldBath(formulation, sheet.value.load, h, RATE);
    if (!told) return [];
    const saltFraction = Math.round(told.foretold * 1e4) / 1e4;
    return [{ atMs: Math.round(startedMs + h * HOUR_MS), reading: { kind: "bathStrength", saltFraction } }];
  });
  addReadings(db, batchId, read, Math.max(...read.map((r) => r.atMs)));
}
