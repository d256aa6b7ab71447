import { sectionSvg } from "@/core/exchange/section-image";
import { formulate } from "@/core/formula/formulate";
import { remembered } from "@/core/remembered";
import { loadFormula } from "./formula-views";
import { loadKitchen } from "./kitchen";
import { notFound } from "./problem";
import type { Db } from "./database";

/** A list shows many, and each is a soak run through. By what is drawn: a snapshot put back may give a version's number to another. */
const drawn = remembered<string | undefined>(300);

/** A formula's section when it is taken out, as an SVG. @throws Refusal 404, also where the sums no longer work out */
export function sectionDrawing(db: Db, formulaId: string, version: number): string {
  const { formulation } = loadFormula(db, formulaId, version);
  const rate = loadKitchen(db).rates[formulation.foodId]?.factor;
  const svg = drawn(JSON.stringify([formulation, rate]), () => {
    const worked = formulate(formulation, {
      ...(rate !== undefined && { rateFactor: rate }),
      readAtH: [formulation.pullH],
    });
    return worked.ok ? sectionSvg(worked.value, formulation.pullH) : undefined;
  });
  if (svg === undefined) throw notFound("drawing");
  return svg;
}
