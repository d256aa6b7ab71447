import { sectionSvg } from "@/core/exchange/section-image";
import { formulate } from "@/core/formula/formulate";
import { loadFormula } from "./formula-views";
import { loadKitchen } from "./kitchen";
import { notFound } from "./problem";
import type { Db } from "./database";

/** Drawn once a version and rate: a list shows many, and each is a soak run through. */
const drawn = new Map<string, string>();
const MOST_KEPT = 300;

/** A formula's section when it is taken out, as an SVG. @throws Refusal 404, also where the sums no longer work out */
export function sectionDrawing(db: Db, formulaId: string, version: number): string {
  const { formulation } = loadFormula(db, formulaId, version);
  const rate = loadKitchen(db).rates[formulation.foodId]?.factor;
  const key = `${formulaId}/${version}/${rate ?? 1}`;
  const kept = drawn.get(key);
  if (kept !== undefined) return kept;
  const worked = formulate(formulation, {
    ...(rate !== undefined && { rateFactor: rate }),
    readAtH: [formulation.pullH],
  });
  if (!worked.ok) throw notFound("drawing");
  const svg = sectionSvg(worked.value, formulation.pullH);
  if (drawn.size >= MOST_KEPT) drawn.delete(drawn.keys().next().value ?? "");
  drawn.set(key, svg);
  return svg;
}
