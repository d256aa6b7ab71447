import { and, eq } from "drizzle-orm";
import { panRequest, type Pan, type WorkView } from "@/contracts/work";
import { batchTime } from "@/core/program/batch-clock";
import { simulated } from "@/core/instruments/instrument";
import { lineSeed, pouredG } from "@/core/instruments/pour";
import { batchRow } from "./batch-row";
import { announceScale } from "./changes";
import { clockOf } from "./clock";
import type { Db } from "./database";
import { notFound } from "./problem";
import { instrumentSessions } from "./schema";
import * as words from "@/words/server/scale";

/** Two looks so far apart tell whether the pointer stands still, s. */
const APART_S = 2;
const STILL_G = 2;
/** A real scale that has said nothing for so long is taken as put away. */
const FRESH_MS = 10_000;

/**
 * The scale is looked at, not recorded: what counts is the weight the cook takes from it. A real one's last word is kept
 * in this process only.
 */
const held = globalThis as {
  ironCrockScales?: Map<string, { grams: number; atMs: number; steady: boolean }>;
};

function lastWords() {
  held.ironCrockScales ??= new Map();
  return held.ironCrockScales;
}

/** What a bridge to a real scale sent just now. */
export function hearScale(batchId: string, grams: number, nowMs: number): void {
  const before = lastWords().get(batchId);
  const steady = before !== undefined && Math.abs(before.grams - grams) <= STILL_G;
  lastWords().set(batchId, { grams, atMs: nowMs, steady });
  announceScale(batchId);
}

/** Puts a line on the simulated scale. @throws Refusal 404 where none is plugged in */
export function setPan(db: Db, batchId: string, pan: Pan, nowMs: number): void {
  const row = batchRow(db, batchId);
  const panSinceMs = Math.round(batchTime(clockOf(row), nowMs));
  const set = db
    .update(instrumentSessions)
    .set({ pan, panSinceMs })
    .where(and(eq(instrumentSessions.batchId, batchId), eq(instrumentSessions.channel, "scale")))
    .run();
  if (set.changes === 0) throw notFound(words.scalePluggedIn);
  announceScale(batchId);
}

/** What the scale of a batch shows: a real one's last word, else the simulated one's. */
export function readScale(db: Db, batchId: string, ownMs: number, nowMs: number): WorkView["scale"] {
  const heard = lastWords().get(batchId);
  if (heard && nowMs - heard.atMs < FRESH_MS) return { grams: heard.grams, steady: heard.steady };
  const session = db
    .select()
    .from(instrumentSessions)
    .where(and(eq(instrumentSessions.batchId, batchId), eq(instrumentSessions.channel, "scale")))
    .get();
  if (!session) return null;
  const pan = session.pan === null ? undefined : panRequest.parse(session.pan);
  const since = (session.panSinceMs ?? session.fromMs) / 1000;
  const seed = lineSeed(session.seed, pan?.lineId ?? "");
  const truth = (atS: number) => (pan ? pan.tareG + pouredG(pan.targetG, seed, atS) : 0);
  const scale = simulated("scale", truth, seed);
  const read = (atS: number) => scale.readAt(Math.max(0, atS)).value ?? 0;
  const nowS = ownMs / 1000 - since;
  const grams = read(nowS);
  return { grams, steady: nowS > APART_S && Math.abs(grams - read(nowS - APART_S)) <= STILL_G };
}
