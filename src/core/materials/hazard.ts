import type { Hazard } from "./types";
import { rows } from "./tables/hazards.table";

const hazards = new Map(rows.map((row): [string, Hazard] => [row.id, row]));

/** @throws when the hazard table lacks the id: a rule without its wording is a bug */
export function hazard(id: string): Hazard {
  const found = hazards.get(id);
  if (!found) throw new Error(`no hazard "${id}"`);
  return found;
}
