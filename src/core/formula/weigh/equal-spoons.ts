import type { FormulaLine } from "../../formulation";
import type { Pantry } from "../../materials/pantry";

/** What is measured by the spoon: ground spice and dried herbs, not what is counted or poured. */
const SPOONED = /^(spice|dried_herb)$/;

/**
 * Equal spoons of each spice, the common starting formula (*practice*): every spice keeps one volume, together they
 * weigh what they weighed. Each then differs in grams by its own spoon density.
 * @returns the same lines where fewer than two are spooned by one law
 */
export function equalSpoons(lines: readonly FormulaLine[], pantry: Pantry): FormulaLine[] {
  const densityOf = (l: FormulaLine) => {
    const found = pantry.ingredient(l.ingredientId);
    return found && SPOONED.test(found.group) && l.parts === undefined ? found.densityGPerMl : null;
  };
  const law = lines.find((l) => densityOf(l) !== null)?.scalesWith;
  const spooned = lines.filter((l) => !l.off && densityOf(l) !== null && l.scalesWith === law);
  if (spooned.length < 2) return [...lines];
  const totalG = spooned.reduce((sum, l) => sum + l.amountG, 0);
  const totalDensity = spooned.reduce((sum, l) => sum + (densityOf(l) ?? 0), 0);
  const mlEach = totalG / totalDensity;
  return lines.map((l) => (spooned.includes(l) ? { ...l, amountG: mlEach * (densityOf(l) ?? 0) } : l));
}
