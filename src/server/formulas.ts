import { randomUUID } from "node:crypto";
import { isDeepStrictEqual } from "node:util";
import { asc, desc, eq } from "drizzle-orm";
import { formulationSchema } from "@/contracts/formulation";
import type { FormulaView } from "@/contracts/views";
import type { Formulation } from "@/core/formula/model";
import type { Db } from "./database";
import { notFound, Refusal } from "./problem";
import { formulas, formulaVersions } from "./schema";

type VersionRow = typeof formulaVersions.$inferSelect;

function newestVersion(db: Db, formulaId: string): VersionRow {
  const row = db
    .select()
    .from(formulaVersions)
    .where(eq(formulaVersions.formulaId, formulaId))
    .orderBy(desc(formulaVersions.version))
    .limit(1)
    .get();
  if (!row) throw notFound("formula");
  return row;
}

function addVersion(
  db: Db,
  formulaId: string,
  version: number,
  formulation: Formulation,
  note: string,
  nowMs: number,
) {
  const id = randomUUID();
  db.insert(formulaVersions)
    .values({ id, formulaId, version, body: formulation, note, createdAtMs: nowMs })
    .run();
  db.update(formulas).set({ name: formulation.name }).where(eq(formulas.id, formulaId)).run();
  return { formulaId, versionId: id, version };
}

/** Stores a new formula as its version 1. */
export function createFormula(db: Db, formulation: Formulation, note: string, nowMs: number) {
  return db.transaction((tx) => {
    const formulaId = randomUUID();
    tx.insert(formulas).values({ id: formulaId, name: formulation.name, createdAtMs: nowMs }).run();
    return addVersion(tx, formulaId, 1, formulation, note, nowMs);
  });
}

/**
 * Adds a version to a formula.
 * @throws Refusal 409 when a newer version than `baseVersion` has been saved meanwhile
 */
export function saveVersion(
  db: Db,
  formulaId: string,
  save: { formulation: Formulation; baseVersion: number; note: string },
  nowMs: number,
) {
  return db.transaction((tx) => {
    const newest = newestVersion(tx, formulaId);
    if (newest.version > save.baseVersion) {
      throw new Refusal(
        409,
        "Saved elsewhere meanwhile",
        `Version ${newest.version} was saved while you worked from version ${save.baseVersion}. Yours is still here.`,
        { currentVersion: newest.version },
      );
    }
    return addVersion(tx, formulaId, newest.version + 1, save.formulation, save.note, nowMs);
  });
}

/** The version a batch is started from: the newest if it says the same, else a new one. */
export function versionForBatch(
  db: Db,
  formulaId: string | null,
  formulation: Formulation,
  nowMs: number,
): { formulaId: string; versionId: string; version: number } {
  if (formulaId === null) return createFormula(db, formulation, "", nowMs);
  const newest = newestVersion(db, formulaId);
  if (isDeepStrictEqual(newest.body, formulation))
    return { formulaId, versionId: newest.id, version: newest.version };
  return addVersion(db, formulaId, newest.version + 1, formulation, "Saved when a batch was started", nowMs);
}

/** @param version left out, the newest */
export function loadFormula(db: Db, formulaId: string, version?: number): FormulaView {
  const versions = db
    .select()
    .from(formulaVersions)
    .where(eq(formulaVersions.formulaId, formulaId))
    .orderBy(desc(formulaVersions.version))
    .all();
  const wanted = version === undefined ? versions[0] : versions.find((v) => v.version === version);
  if (!wanted) throw notFound("formula");
  return viewOf(wanted, versions);
}

function viewOf(wanted: VersionRow, versions: VersionRow[]): FormulaView {
  const formulation = formulationSchema.parse(wanted.body);
  return {
    id: wanted.formulaId,
    name: formulation.name,
    version: wanted.version,
    versions: versions.map(({ version, note, createdAtMs }) => ({ version, note, createdAtMs })),
    formulation,
  };
}

/** Every formula in its newest version, by name. */
export function listFormulas(db: Db): FormulaView[] {
  const heads = db.select({ id: formulas.id }).from(formulas).orderBy(asc(formulas.name)).all();
  return heads.map((head) => loadFormula(db, head.id));
}
