import { and, eq, max } from "drizzle-orm";
import type { z } from "zod";
import { formulationSchema } from "@/contracts/formulation";
import type { instrumentRequest } from "@/contracts/work";
import { batchTime } from "@/core/program/batch-clock";
import { bodyShapeOf } from "@/core/diffusion/flesh-body";
import { simulated } from "@/core/instruments/instrument";
import { roastCore } from "@/core/instruments/kitchen-truth";
import { noiseAt } from "@/core/instruments/random";
import { pantryOf } from "@/core/materials/pantry";
import type { Formulation } from "@/core/formula/model";
import { PROBES, type ProbeChannel } from "@/core/program/exits";
import { announce } from "./changes";
import { clockOf } from "./clock";
import type { Db } from "./database";
import { notFound } from "./problem";
import { batches, batchActs, instrumentSessions, samples } from "./schema";

type BatchRow = typeof batches.$inferSelect;
type Session = typeof instrumentSessions.$inferSelect;

/** A simulated instrument says something this often, in the batch's own time. */
const EVERY_MS = 30_000;
const ROAST_HOURS = 9;
/** No more is caught up in one go. */
const MOST_AT_ONCE = 2000;

/** Attaches a simulated instrument to a batch, from now on. */
export function attachInstrument(
  db: Db,
  batchId: string,
  request: z.infer<typeof instrumentRequest>,
  nowMs: number,
): void {
  const row = db.select().from(batches).where(eq(batches.id, batchId)).get();
  if (!row) throw notFound("batch");
  const fromMs = Math.round(batchTime(clockOf(row), nowMs));
  const kind = request.channel.startsWith("probe") ? ("probe" as const) : request.channel;
  const session = { batchId, fromMs, untilMs: null, ...request, kind: kind as Session["kind"] };
  db.insert(instrumentSessions)
    .values(session)
    .onConflictDoUpdate({ target: [instrumentSessions.batchId, instrumentSessions.channel], set: session })
    .run();
  announce(batchId);
}

export function detachInstrument(db: Db, batchId: string, channel: string): void {
  db.delete(instrumentSessions)
    .where(and(eq(instrumentSessions.batchId, batchId), eq(instrumentSessions.channel, channel)))
    .run();
  announce(batchId);
}

/**
 * Lets every simulated instrument of a batch catch up to its own time. What it reads is a function of seed and second, so
 * a restart, or two devices asking at once, come to the same readings. @returns how many were added
 */
export function takeSamples(db: Db, row: BatchRow, ownNowMs: number): number {
  const sessions = db.select().from(instrumentSessions).where(eq(instrumentSessions.batchId, row.id)).all();
  let added = 0;
  // A scale is looked at, not recorded.
  const recorded = sessions.filter((s) => s.kind !== "scale");
  if (recorded.length === 0) return 0;
  // One transaction: two thousand single writes are two thousand waits for the disk.
  db.transaction((tx) => {
    for (const session of recorded) added += catchUp(tx, row, session, ownNowMs);
  });
  return added;
}

function catchUp(db: Db, row: BatchRow, session: Session, ownNowMs: number): number {
  const [{ last }] = db
    .select({ last: max(samples.atMs) })
    .from(samples)
    .where(and(eq(samples.batchId, row.id), eq(samples.channel, session.channel)))
    .all();
  const formulation = formulationSchema.parse(row.body);
  const heatFromMs = ovenFrom(db, row.id) ?? session.fromMs;
  const truth = truthOf(session, formulation);
  const instrument = simulated(session.kind, truth, session.seed);
  const first = Math.max(session.fromMs, (last ?? 0) + EVERY_MS);
  let added = 0;
  for (let atMs = first; atMs <= ownNowMs && added < MOST_AT_ONCE; atMs += EVERY_MS) {
    const { value } = instrument.readAt(
      Math.max(0, (atMs - (session.kind === "probe" ? heatFromMs : session.fromMs)) / 1000),
    );
    if (value === null) continue;
    db.insert(samples)
      .values({ batchId: row.id, channel: session.channel, atMs, value })
      .onConflictDoNothing()
      .run();
    added++;
  }
  return added;
}

/** When the oven took it: the first stage of the cook, or a crust's own going in. */
function ovenFrom(db: Db, batchId: string): number | undefined {
  const acts = db.select().from(batchActs).where(eq(batchActs.batchId, batchId)).all();
  return (acts.find((a) => a.actId === "stage_1") ?? acts.find((a) => a.actId === "go_in"))?.doneAtMs;
}

/** What there is to read: a roast by the instruments' own kitchen, a fridge that cycles, a bath that weakens. */
function truthOf(session: Session, f: Formulation): (atS: number) => number {
  const draw = (n: number) => noiseAt(session.seed, n) * 2 - 1;
  if (session.kind === "fridge")
    return (atS) => f.holding.temperatureC + 1.2 * Math.sin((2 * Math.PI * atS) / 2700) + 0.3 * draw(1);
  if (session.kind === "salinity") return (atS) => 4 - 1.2 * (1 - Math.exp(-atS / 30_000));
  const food = pantryOf(f.own).food(f.foodId);
  const part = f.cook?.parts?.[PROBES.indexOf(session.channel as ProbeChannel) - 1];
  const thicknessMm = part?.thicknessMm ?? f.pieces.thicknessMm;
  return roastFor(session.seed, {
    shape: food ? bodyShapeOf(food) : "slab",
    halfThicknessMm: (thicknessMm / 2) * (1 + 0.1 * draw(2)),
    startC: 6,
    ovenC: f.cook?.ovenC ?? 180,
    swingC: 9,
    swingS: 900,
    filmWPerM2K: 19 + 3 * draw(3),
  });
}

/** A roast takes a while to work out: the same one is kept. */
const roasts = new Map<string, (atS: number) => number>();

function roastFor(seed: number, truth: Parameters<typeof roastCore>[0]): (atS: number) => number {
  const key = JSON.stringify([seed, truth]);
  const known = roasts.get(key) ?? roastCore(truth, ROAST_HOURS);
  if (roasts.size > 50) roasts.clear();
  roasts.set(key, known);
  return known;
}
