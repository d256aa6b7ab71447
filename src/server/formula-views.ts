import { and, asc, desc, eq, inArray, isNull, max } from "drizzle-orm";
import { formulationSchema } from "@/contracts/formulation";
import { tagsSchema } from "@/contracts/library";
import type { FormulaHead, FormulaView } from "@/contracts/views";
import type { Db } from "./database";
import { notFound } from "./problem";
import { formulas, formulaVersions } from "./schema";
import { ifReadable } from "./unreadable";

/* Formulas as pages and files read them. What changes them stands in formulas.ts. */

type VersionRow = typeof formulaVersions.$inferSelect;

/** @param version left out, the newest */
export function loadFormula(db: Db, formulaId: string, version?: number): FormulaView {
  const versions = db
    .select(VERSION_COLUMNS)
    .from(formulaVersions)
    .where(eq(formulaVersions.formulaId, formulaId))
    .orderBy(desc(formulaVersions.version))
    .all();
  const head = db.select().from(formulas).where(eq(formulas.id, formulaId)).get();
  const [newest] = versions;
  if (!head || !newest) throw notFound("formula");
  const wanted = versionOf(db, formulaId, version ?? newest.version);
  const [from] = head.branchedFrom === null ? [] : branchPoints(db, [head.branchedFrom]);
  return viewOf(head, wanted, versions, from);
}

const VERSION_COLUMNS = {
  version: formulaVersions.version,
  note: formulaVersions.note,
  createdAtMs: formulaVersions.createdAtMs,
};

function viewOf(
  head: typeof formulas.$inferSelect,
  wanted: Pick<VersionRow, "version" | "body">,
  versions: FormulaView["versions"],
  from: VersionRow | undefined,
): FormulaView {
  const formulation = formulationSchema.parse(wanted.body);
  return {
    id: head.id,
    name: formulation.name,
    tags: tagsSchema.parse(head.tags),
    archived: head.archivedAtMs !== null,
    branchedFrom: from
      ? { formulaId: from.formulaId, name: formulationSchema.parse(from.body).name, version: from.version }
      : null,
    version: wanted.version,
    versions,
    formulation,
  };
}

const branchPoints = (db: Db, ids: string[]): VersionRow[] =>
  ids.length === 0 ? [] : db.select().from(formulaVersions).where(inArray(formulaVersions.id, ids)).all();

/** Every formula in its newest version, by name; those put away come only when asked for. As many questions for one as for all. */
export function listFormulas(db: Db, { archived = false } = {}): FormulaView[] {
  const heads = db
    .select()
    .from(formulas)
    .where(archived ? undefined : isNull(formulas.archivedAtMs))
    .orderBy(asc(formulas.name))
    .all();
  const told = new Map<string, FormulaView["versions"]>();
  const all = db
    .select({ formulaId: formulaVersions.formulaId, ...VERSION_COLUMNS })
    .from(formulaVersions)
    .orderBy(desc(formulaVersions.version))
    .all();
  for (const { formulaId, ...version } of all) {
    const versions = told.get(formulaId);
    if (versions) versions.push(version);
    else told.set(formulaId, [version]);
  }
  const last = db
    .select({ formulaId: formulaVersions.formulaId, version: max(formulaVersions.version).as("last") })
    .from(formulaVersions)
    .groupBy(formulaVersions.formulaId)
    .as("last_versions");
  const newest = new Map(
    db
      .select({
        formulaId: formulaVersions.formulaId,
        version: formulaVersions.version,
        body: formulaVersions.body,
      })
      .from(formulaVersions)
      .innerJoin(
        last,
        and(eq(last.formulaId, formulaVersions.formulaId), eq(last.version, formulaVersions.version)),
      )
      .all()
      .map((v) => [v.formulaId, v]),
  );
  const from = new Map(
    branchPoints(
      db,
      heads.flatMap((h) => h.branchedFrom ?? []),
    ).map((v) => [v.id, v]),
  );
  return heads.flatMap((head) => {
    const wanted = newest.get(head.id);
    if (!wanted) return [];
    return ifReadable("formulas", head, () =>
      viewOf(head, wanted, told.get(head.id) ?? [], from.get(head.branchedFrom ?? "")),
    );
  });
}

/** Every formula by its name, without opening any: for lists, and for finding. */
export function formulaHeads(db: Db, { archived = false } = {}): FormulaHead[] {
  return db
    .select({
      id: formulas.id,
      name: formulas.name,
      tags: formulas.tags,
      archivedAtMs: formulas.archivedAtMs,
      version: max(formulaVersions.version),
    })
    .from(formulas)
    .innerJoin(formulaVersions, eq(formulaVersions.formulaId, formulas.id))
    .groupBy(formulas.id)
    .orderBy(asc(formulas.name))
    .all()
    .flatMap(({ archivedAtMs, version, tags, ...head }) =>
      ifReadable("formulas", head, () => ({
        ...head,
        tags: tagsSchema.parse(tags),
        archived: archivedAtMs !== null,
        version: version ?? 1,
      })),
    )
    .filter((head) => archived || !head.archived);
}

/** One version as it was saved. @throws Refusal 404 */
export function versionOf(db: Db, formulaId: string, version: number): VersionRow {
  const row = db
    .select()
    .from(formulaVersions)
    .where(and(eq(formulaVersions.formulaId, formulaId), eq(formulaVersions.version, version)))
    .get();
  if (!row) throw notFound("version");
  return row;
}
