import { desc, eq } from "drizzle-orm";
import { randomUUID } from "node:crypto";
import { isDeepStrictEqual } from "node:util";
import { formulationSchema } from "@/contracts/formulation";
import type { FormulaView } from "@/contracts/views";
import type { FormulaFile } from "@/core/exchange/formula-file";
import type { Formulation } from "@/core/formulation";
import { announceStores } from "./changes";
import { type Db, writing } from "./database";
import { loadFormula, versionOf } from "./formula-views";
import { notFound, Refusal } from "./problem";
import { formulas, formulaVersions } from "./schema";
import * as words from "@/words/server/formulas";

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
  announceStores();
  return { formulaId, versionId: id, version };
}

/** Stores a new formula as its version 1. */
export function createFormula(
  db: Db,
  formulation: Formulation,
  note: string,
  nowMs: number,
  formulaId: string = randomUUID(),
) {
  return writing(db, (tx) => {
    tx.insert(formulas).values({ id: formulaId, name: formulation.name, createdAtMs: nowMs }).run();
    return addVersion(tx, formulaId, 1, formulation, note, nowMs);
  });
}

/**
 * Saves a new formula. One that came under the same id before is the same save sent again: it is answered as then, or,
 * changed meanwhile, becomes the next version.
 */
export function saveNew(
  db: Db,
  save: { id?: string | undefined; formulation: Formulation; note: string },
  nowMs: number,
) {
  const { id, formulation, note } = save;
  return writing(db, (tx) => {
    const there = tx
      .select()
      .from(formulas)
      .where(eq(formulas.id, id ?? ""))
      .get();
    return there
      ? nextUnlessSame(tx, there.id, formulation, note, nowMs)
      : createFormula(tx, formulation, note, nowMs, id);
  });
}

/** The newest version where it says the same, else a new one. */
function nextUnlessSame(db: Db, formulaId: string, formulation: Formulation, note: string, nowMs: number) {
  const newest = newestVersion(db, formulaId);
  return isDeepStrictEqual(newest.body, formulation)
    ? { formulaId, versionId: newest.id, version: newest.version }
    : addVersion(db, formulaId, newest.version + 1, formulation, note, nowMs);
}

/** Keeps a formula that came in a file, with its tags. */
export function createFromFile(db: Db, { formulation, tags }: FormulaFile, nowMs: number, id?: string) {
  return writing(db, (tx) => {
    const made = saveNew(tx, { ...(id && { id }), formulation, note: words.cameInAFileOrLink }, nowMs);
    shelveFormula(tx, made.formulaId, { tags }, nowMs);
    return made;
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
  return writing(db, (tx) => {
    const newest = newestVersion(tx, formulaId);
    // The very next version and the same in every word: this save sent again, its answer lost on the way.
    if (newest.version === save.baseVersion + 1 && isDeepStrictEqual(newest.body, save.formulation))
      return { formulaId, versionId: newest.id, version: newest.version };
    if (newest.version !== save.baseVersion) {
      throw new Refusal(
        409,
        words.savedElsewhereMeanwhile,
        words.versionWasSavedWhileYou({
          newer: newest.version > save.baseVersion,
          newest: newest.version,
          baseVersion: save.baseVersion,
        }),
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
  return formulaId === null
    ? createFormula(db, formulation, "", nowMs)
    : nextUnlessSame(db, formulaId, formulation, words.savedWhenABatchWas, nowMs);
}

/** A new formula that begins as a version of another, under a name of its own. */
export function branchFormula(
  db: Db,
  formulaId: string,
  { version, name }: { version: number; name: string },
  nowMs: number,
) {
  return writing(db, (tx) => {
    const from = versionOf(tx, formulaId, version);
    const formulation = { ...formulationSchema.parse(from.body), name };
    const made = createFormula(tx, formulation, words.branchedFrom(version), nowMs);
    tx.update(formulas).set({ branchedFrom: from.id }).where(eq(formulas.id, made.formulaId)).run();
    return made;
  });
}

/** An old version once more, as the newest: none in between is lost. @throws Refusal 404, 409 */
export function restoreVersion(
  db: Db,
  formulaId: string,
  { version, baseVersion }: { version: number; baseVersion: number },
  nowMs: number,
) {
  const formulation = formulationSchema.parse(versionOf(db, formulaId, version).body);
  return saveVersion(db, formulaId, { formulation, baseVersion, note: words.asVersionAgain(version) }, nowMs);
}

/** Tags, and whether it is put away. */
export function shelveFormula(
  db: Db,
  formulaId: string,
  { tags, archived }: { tags?: string[] | undefined; archived?: boolean | undefined },
  nowMs: number,
): FormulaView {
  newestVersion(db, formulaId);
  const change = {
    ...(tags && { tags: [...new Set(tags)] }),
    ...(archived !== undefined && { archivedAtMs: archived ? nowMs : null }),
  };
  if (Object.keys(change).length > 0) db.update(formulas).set(change).where(eq(formulas.id, formulaId)).run();
  announceStores();
  return loadFormula(db, formulaId);
}
