import { and, eq, isNull, max, ne } from "drizzle-orm";
import type { z } from "zod";
import { formulationSchema } from "@/contracts/formulation";
import type { instrumentRequest } from "@/contracts/work";
import { bodyShapeOf } from "@/core/diffusion/piece-form";
import type { Formulation } from "@/core/formulation";
import { simulated } from "@/core/instruments/instrument";
import { roastCore } from "@/core/instruments/kitchen-truth";
import { noiseAt } from "@/core/instruments/random";
import { pantryOf } from "@/core/materials/pantry";
import { intoHeat } from "@/core/program/out";
import { batchTime } from "@/core/program/batch-clock";
import { PROBES, type ProbeChannel } from "@/core/program/exits";
import { announce, announceReading } from "./changes";
import { clockOf } from "./clock";
import { type Db, writing } from "./database";
import { notFound } from "./problem";
import { batches, batchActs, instrumentSessions, outcomes, samples } from "./schema";
import { firstOf } from "@/core/sequence";

type BatchRow = typeof batches.$inferSelect;
type Session = typeof instrumentSessions.$inferSelect;

/** A simulated instrument says something this often, in the batch's own time. */
const EVERY_MS = 30_000;
const ROAST_HOURS = 9;
const REHEARSAL_SEED = 5;
/** No more of one instrument is caught up in one go: who taps meanwhile does not wait for it. */
const MOST_AT_ONCE = 500;
/** So long out of its soak nothing of a batch is read any more, ms of its own time. */
const SILENT_AFTER_MS = 24 * 3_600_000;

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

/** A simulated probe of a rehearsed batch, from an instant of the batch's own time. */
export function attachProbe(db: Db, batchId: string, channel: ProbeChannel, fromMs: number): void {
  const session = { batchId, channel, kind: "probe" as const, seed: REHEARSAL_SEED, fromMs, untilMs: null };
  db.insert(instrumentSessions).values(session).run();
}

export function detachInstrument(db: Db, batchId: string, channel: string): void {
  db.delete(instrumentSessions)
    .where(and(eq(instrumentSessions.batchId, batchId), eq(instrumentSessions.channel, channel)))
    .run();
  announce(batchId);
}

/**
 * Lets every simulated instrument catch up to its batch's own time. What it reads is a function of seed and second, so a
 * restart, or a look that came late, comes to the same readings. @returns how many were added
 */
export function takeSamples(db: Db, nowMs: number): number {
  const rows = db
    .select({ batch: batches, session: instrumentSessions })
    .from(instrumentSessions)
    .innerJoin(batches, eq(batches.id, instrumentSessions.batchId))
    .leftJoin(outcomes, eq(outcomes.batchId, batches.id))
    // A scale is looked at, not recorded; what is judged is over.
    .where(and(ne(instrumentSessions.kind, "scale"), isNull(outcomes.batchId)))
    .all();
  let added = 0;
  for (const batchId of new Set(rows.map((row) => row.batch.id))) {
    const ofIt = rows.filter((row) => row.batch.id === batchId);
    // One transaction: five hundred single writes are five hundred waits for the disk.
    const ofBatch = writing(db, (tx) =>
      ofIt.reduce((sum, { batch, session }) => sum + catchUp(tx, batch, session, nowMs), 0),
    );
    if (ofBatch > 0) announceReading(batchId);
    added += ofBatch;
  }
  return added;
}

function catchUp(db: Db, row: BatchRow, session: Session, nowMs: number): number {
  const endMs = row.liftedAtMs === null ? Infinity : row.liftedAtMs + SILENT_AFTER_MS;
  const ownNowMs = Math.min(batchTime(clockOf(row), nowMs), endMs);
  const { last } = firstOf(
    db
      .select({ last: max(samples.atMs) })
      .from(samples)
      .where(and(eq(samples.batchId, row.id), eq(samples.channel, session.channel)))
      .all(),
  );
  const first = Math.max(session.fromMs, (last ?? 0) + EVERY_MS);
  if (first > ownNowMs) return 0;
  const formulation = formulationSchema.parse(row.body);
  const heatFromMs = heatFrom(db, row.id, formulation, session.channel);
  const truth = truthOf(session, formulation);
  const instrument = simulated(session.kind, truth, session.seed);
  let added = 0;
  for (let atMs = first; atMs <= ownNowMs && added < MOST_AT_ONCE; atMs += EVERY_MS) {
    // A probe in food that is not in the heat yet reads what the food was.
    const inItMs = session.kind === "probe" ? atMs - (heatFromMs ?? atMs) : atMs - session.fromMs;
    const { value } = instrument.readAt(Math.max(0, inItMs / 1000));
    if (value === null) continue;
    db.insert(samples)
      .values({ batchId: row.id, channel: session.channel, atMs, value })
      .onConflictDoNothing()
      .run();
    added++;
  }
  return added;
}

/** When the heat took it: the first stage of the cook, of a joint taken apart each part's own; a crust's own going in. */
function heatFrom(db: Db, batchId: string, f: Formulation, channel: string): number | undefined {
  const into = intoHeat(f, PROBES.indexOf(channel as ProbeChannel) + 1);
  const acts = db.select().from(batchActs).where(eq(batchActs.batchId, batchId)).all();
  return acts.find((a) => a.actId === into)?.doneAtMs;
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
