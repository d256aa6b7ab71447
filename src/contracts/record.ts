import { z } from "zod";
import { PREPARATION_KINDS } from "@/core/preparations";

/** What the record is searched, filtered and sorted by; anything else in the address is left aside. */
export const recordQuery = z.object({
  find: z.string().max(120).catch(""),
  kind: z.enum(["all", ...PREPARATION_KINDS]).catch("all"),
  judged: z.enum(["all", "yes", "no"]).catch("all"),
  sort: z
    .enum([
      "newest",
      "oldest",
      "name",
      "saltiest",
      "blandest",
      "mostSalt",
      "leastSalt",
      "longest",
      "shortest",
    ])
    .catch("newest"),
  /** Columns that are shown, by their names; empty for the usual. */
  cols: z.string().max(120).catch(""),
  page: z.coerce.number().int().min(1).max(10_000).catch(1),
});
export type RecordQuery = z.infer<typeof recordQuery>;

/** One line of the record: what the list shows, and no more. */
export interface RecordRow {
  id: string;
  name: string;
  foodId: string;
  kind: string;
  startedAtMs: number;
  plannedLiftAtMs: number;
  liftedAtMs: number;
  targetFraction: number;
  saltScore: number | null;
}

/** A batch as its formula's page names it. */
export interface FormulaBatch {
  id: string;
  version: number;
  startedAtMs: number;
  liftedAtMs: number | null;
  saltScore: number | null;
}

/** What became of a formula so far, in a word. */
export interface FormulaMade {
  batches: number;
  lastMs: number;
  /** The last judged batch's salt, −2 flat to 2 salty; null where none was judged. */
  saltScore: number | null;
}

export interface RecordPage {
  rows: RecordRow[];
  total: number;
  query: RecordQuery;
}

/** One judged batch as a point of the trends. */
export interface TrendPoint {
  id: string;
  name: string;
  atMs: number;
  targetFraction: number;
  saltScore: number | null;
  /** Hours to readiness as told, and hours it really stood. */
  predictedH: number | null;
  realH: number;
}
