import type { RecordQuery } from "@/contracts/record";
import * as words from "@/words/record/columns";

export type ColumnId = "kind" | "wanted" | "verdict" | "planned" | "stood" | "out";

/** Columns beside the batch itself, which is always there. */
export const COLUMNS: { id: ColumnId; label: string }[] = [
  { id: "kind", label: words.preparation },
  { id: "wanted", label: words.saltWanted },
  { id: "verdict", label: words.verdict },
  { id: "planned", label: words.planned },
  { id: "stood", label: words.stood },
  { id: "out", label: words.takenOut },
];

const USUAL: readonly ColumnId[] = ["kind", "wanted", "verdict", "stood", "out"];

/** The columns an address names, or the usual ones. */
export function shownColumns(cols: string): readonly ColumnId[] {
  const named = COLUMNS.map((c) => c.id).filter((id) => cols.split(",").includes(id));
  return named.length > 0 ? named : USUAL;
}

/** With one column more or less, as an address has it. */
export function toggled(cols: string, id: ColumnId): string {
  const shown = shownColumns(cols);
  return COLUMNS.map((c) => c.id)
    .filter((c) => (c === id ? !shown.includes(c) : shown.includes(c)))
    .join(",");
}

type Sort = RecordQuery["sort"];

/** What a column's head sorts by: first this way, then the other. */
export const SORTS: Partial<Record<ColumnId | "name", { first: Sort; then?: Sort; falling: boolean }>> = {
  name: { first: "name", falling: false },
  wanted: { first: "mostSalt", then: "leastSalt", falling: true },
  verdict: { first: "saltiest", then: "blandest", falling: true },
  stood: { first: "longest", then: "shortest", falling: true },
  out: { first: "newest", then: "oldest", falling: true },
};

/** As a screen reader is told of a column's head. */
export function ariaSort(id: ColumnId | "name", sort: Sort): "ascending" | "descending" | "none" {
  const by = SORTS[id];
  if (by?.first === sort) return by.falling ? "descending" : "ascending";
  return by?.then === sort ? "ascending" : "none";
}

/** The order a tap on a head asks for. */
export function nextSort(id: ColumnId | "name", sort: Sort): Sort | undefined {
  const by = SORTS[id];
  return by && (by.first === sort ? (by.then ?? by.first) : by.first);
}
