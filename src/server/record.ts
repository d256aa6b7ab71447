import { and, asc, count, desc, eq, isNotNull, isNull, like, sql, type SQL } from "drizzle-orm";
import { PAGE_SIZE } from "@/contracts/figures";
import type {
  FormulaBatch,
  FormulaMade,
  RecordPage,
  RecordQuery,
  RecordRow,
  TrendPoint,
} from "@/contracts/record";
import { sheetSnapshotSchema } from "@/contracts/sheet";
import { judgedSchema } from "@/contracts/work";
import { outcomeAt } from "@/core/formula/account/outcome";
import { formulate } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formulation";
import { proposalsFor, type Experience, type Proposal } from "@/core/journal/next-time";
import { remembered } from "@/core/remembered";
import { saltAsLifted } from "./as-lifted";
import type { Db } from "./database";
import { loadKitchen } from "./kitchen";
import { pouredOf } from "./poured";
import { notRehearsed } from "./rehearsed";
import { batches, formulaVersions, outcomes } from "./schema";
import { ifReadable } from "./unreadable";
import { firstOf } from "@/core/sequence";

const HOUR_MS = 3_600_000;
const TREND_POINTS = 200;

const STOOD = sql`${batches.liftedAtMs} - ${batches.startedAtMs}`;

const ORDER: Record<RecordQuery["sort"], SQL[]> = {
  newest: [desc(batches.liftedAtMs)],
  oldest: [asc(batches.liftedAtMs)],
  name: [asc(batches.name), desc(batches.liftedAtMs)],
  saltiest: [sql`${batches.saltScore} is null`, desc(batches.saltScore), desc(batches.liftedAtMs)],
  mostSalt: [desc(batches.targetFraction), desc(batches.liftedAtMs)],
  leastSalt: [asc(batches.targetFraction), desc(batches.liftedAtMs)],
  longest: [desc(STOOD), desc(batches.liftedAtMs)],
  shortest: [asc(STOOD), desc(batches.liftedAtMs)],
  blandest: [sql`${batches.saltScore} is null`, asc(batches.saltScore), desc(batches.liftedAtMs)],
};

/** A word to look for, with the letters that mean something to LIKE taken as themselves. */
const containing = (text: string) => `%${text.replace(/[\\%_]/g, (c) => `\\${c}`)}%`;

const RECORD_COLUMNS = {
  id: batches.id,
  name: batches.name,
  foodId: batches.foodId,
  kind: batches.kind,
  startedAtMs: batches.startedAtMs,
  plannedLiftAtMs: batches.plannedLiftAtMs,
  liftedAtMs: batches.liftedAtMs,
  targetFraction: batches.targetFraction,
  saltScore: batches.saltScore,
};

/** A page of the record, by columns alone: no batch's JSON is opened for a list. */
export function listRecord(db: Db, query: RecordQuery): RecordPage {
  const wanted = and(
    isNotNull(batches.liftedAtMs),
    notRehearsed(db),
    query.find ? sql`${like(batches.name, containing(query.find))} escape '\\'` : undefined,
    query.kind === "all" ? undefined : eq(batches.kind, query.kind),
    query.judged === "all"
      ? undefined
      : query.judged === "yes"
        ? isNotNull(batches.saltScore)
        : isNull(batches.saltScore),
  );
  const rows = db
    .select(RECORD_COLUMNS)
    .from(batches)
    .where(wanted)
    .orderBy(...ORDER[query.sort])
    .limit(PAGE_SIZE)
    .offset((query.page - 1) * PAGE_SIZE)
    .all() as RecordRow[];
  const { total } = firstOf(db.select({ total: count() }).from(batches).where(wanted).all());
  return { rows, total, query };
}

const MADE_MOST = 12;

/** Batches made of any version of a formula, the newest first. */
export const batchesOfFormula = (db: Db, formulaId: string): FormulaBatch[] =>
  db
    .select({
      id: batches.id,
      version: formulaVersions.version,
      startedAtMs: batches.startedAtMs,
      liftedAtMs: batches.liftedAtMs,
      saltScore: batches.saltScore,
    })
    .from(batches)
    .innerJoin(formulaVersions, eq(batches.formulaVersionId, formulaVersions.id))
    .where(and(eq(formulaVersions.formulaId, formulaId), notRehearsed(db)))
    .orderBy(desc(batches.startedAtMs))
    .limit(MADE_MOST)
    .all();

/** Of each formula: how many batches were made, and what was said of the salt when one was last judged. */
export function madeOfFormulas(db: Db): Record<string, FormulaMade> {
  const rows = db
    .select({
      formulaId: formulaVersions.formulaId,
      saltScore: batches.saltScore,
      startedAtMs: batches.startedAtMs,
    })
    .from(batches)
    .innerJoin(formulaVersions, eq(batches.formulaVersionId, formulaVersions.id))
    .where(notRehearsed(db))
    .orderBy(asc(batches.startedAtMs))
    .all();
  const made: Record<string, FormulaMade> = {};
  for (const { formulaId, saltScore, startedAtMs } of rows) {
    const before = made[formulaId] ?? { batches: 0, lastMs: startedAtMs, saltScore: null };
    made[formulaId] = {
      batches: before.batches + 1,
      lastMs: startedAtMs,
      saltScore: saltScore ?? before.saltScore,
    };
  }
  return made;
}

/** Every batch out of its soak, oldest first: for a file. */
export const wholeRecord = (db: Db): RecordRow[] =>
  db
    .select(RECORD_COLUMNS)
    .from(batches)
    .where(and(isNotNull(batches.liftedAtMs), notRehearsed(db)))
    .orderBy(asc(batches.liftedAtMs))
    .all() as RecordRow[];

/** Judged batches of a food and kind of preparation, newest first. */
function experienceOf(db: Db, foodId: string, kind: string): Experience[] {
  return db
    .select({ batch: batches, body: outcomes.body })
    .from(outcomes)
    .innerJoin(batches, eq(outcomes.batchId, batches.id))
    .where(and(eq(batches.foodId, foodId), eq(batches.kind, kind), notRehearsed(db)))
    .orderBy(desc(outcomes.judgedAtMs))
    .limit(5)
    .all()
    .flatMap(({ batch, body }) =>
      ifReadable("outcomes", batch, () => ({
        heldFraction: saltAsLifted(batch, pouredOf(db, batch.id)),
        hours: ((batch.liftedAtMs ?? batch.plannedLiftAtMs) - batch.startedAtMs) / HOUR_MS,
        judged: judgedSchema.parse(body),
      })),
    );
}

/** What this kitchen's own record proposes for a formulation. */
export function nextTime(db: Db, f: Formulation): Proposal[] {
  const record = experienceOf(db, f.foodId, f.preparation.kind);
  if (record.length === 0) return [];
  const bringsFraction = broughtBy(f, loadKitchen(db).rates[f.foodId]?.factor);
  return bringsFraction === undefined ? [] : proposalsFor(f, record, bringsFraction);
}

const brought = remembered<number | undefined>(60);

/** Salt a formula brings to the heat as it stands. */
const broughtBy = (f: Formulation, rateFactor: number | undefined) =>
  brought(JSON.stringify([f, rateFactor]), () => {
    const sheet = formulate(f, { rateFactor });
    return sheet.ok ? outcomeAt(sheet.value, f.pullH, f.portions).toHeat.meanFraction : undefined;
  });

/** Batches out of their soak as points: what was wanted, how it was judged, how long it was to take and took. */
export function trendPoints(db: Db): TrendPoint[] {
  return db
    .select()
    .from(batches)
    .where(and(isNotNull(batches.liftedAtMs), notRehearsed(db)))
    .orderBy(desc(batches.liftedAtMs))
    .limit(TREND_POINTS)
    .all()
    .map((b) => ({
      id: b.id,
      name: b.name,
      atMs: b.liftedAtMs ?? 0,
      targetFraction: b.targetFraction,
      saltScore: b.saltScore,
      predictedH: sheetSnapshotSchema.parse(b.sheet).ready.likely ?? null,
      realH: ((b.liftedAtMs ?? 0) - b.startedAtMs) / HOUR_MS,
    }))
    .reverse();
}
