import { desc } from "drizzle-orm";
import type { Found, FoundKind } from "@/contracts/find";
import { FOODS, INGREDIENTS, SALTS } from "@/core/materials/lookup";
import type { Db } from "./database";
import { formulaHeads } from "./formula-views";
import { loadOwn } from "./own-entries";
import { notRehearsed } from "./rehearsed";
import { batches } from "./schema";
import { listSittings } from "./sittings";

const EACH_MOST = 6;

/** Anything of this kitchen by a few letters of its name: formulas, batches, sittings, its own things, the tables. */
export function findAnything(db: Db, text: string): Found[] {
  const words = text.trim().toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return [];
  const fits = (...names: string[]) => {
    const all = names.join(" ").toLowerCase();
    return words.every((word) => all.includes(word));
  };
  const { own, vessels } = loadOwn(db);
  const table = (kind: FoundKind, rows: readonly { id: string; name: string }[]): Found[] =>
    rows
      .filter((row) => fits(row.name))
      .slice(0, EACH_MOST)
      .map(({ id, name }) => ({
        key: `${kind}/${id}`,
        kind,
        name,
        href: `/stores?find=${encodeURIComponent(name)}#tables`,
      }));
  return [
    ...formulaHeads(db, { archived: true })
      .filter((f) => fits(f.name, ...f.tags))
      .slice(0, EACH_MOST)
      .map((f): Found => ({
        key: `formula/${f.id}`,
        kind: f.archived ? "archivedFormula" : "formula",
        name: f.name,
        href: `/bench?formula=${f.id}`,
      })),
    ...batchesNamed(db, fits),
    ...listSittings(db)
      .filter((s) => fits(s.name, ...s.dishes))
      .slice(0, EACH_MOST)
      .map((s): Found => ({
        key: `sitting/${s.id}`,
        kind: "sitting",
        name: s.name,
        href: `/sitting/${s.id}`,
      })),
    ...[...own.salts, ...own.ingredients, ...own.foods, ...vessels]
      .filter((o) => fits(o.name))
      .slice(0, EACH_MOST)
      .map((o): Found => ({ key: `own/${o.id}`, kind: "own", name: o.name, href: "/stores#own" })),
    ...table("salt", SALTS),
    ...table("food", FOODS),
    ...table("ingredient", INGREDIENTS),
  ];
}

/** By name alone, the newest first. SQLite folds only the letters of English: names are compared here. */
function batchesNamed(db: Db, fits: (name: string) => boolean): Found[] {
  return db
    .select({ id: batches.id, name: batches.name, liftedAtMs: batches.liftedAtMs })
    .from(batches)
    .where(notRehearsed(db))
    .orderBy(desc(batches.startedAtMs))
    .all()
    .filter((b) => fits(b.name))
    .slice(0, EACH_MOST)
    .map((b): Found => ({
      key: `batch/${b.id}`,
      kind: b.liftedAtMs === null ? "runningBatch" : "batch",
      name: b.name,
      href: `/batch/${b.id}`,
    }));
}
