import { chops } from "@/core/formula/formulation.fixture";
import { openDatabase } from "./database";
import { createFormula, saveVersion } from "./formulas";
import { sectionDrawing } from "./section-drawings";

const NOW = 1_750_000_000_000;

test("each version is drawn as it is: more hours, more salt inside; the same is drawn once", () => {
  const db = openDatabase(":memory:");
  const { formulaId: id } = createFormula(db, chops({ pullH: 2 }), "", NOW);
  saveVersion(db, id, { formulation: chops({ pullH: 30 }), baseVersion: 1, note: "" }, NOW + 1);
  const middle = (version: number) => {
    const greens = [...sectionDrawing(db, id, version).matchAll(/rgb\((\d+),(\d+),(\d+)\)"\/>/g)].map((m) =>
      Number(m[1]),
    );
    return greens[Math.floor(greens.length / 2)];
  };
  // Paler is less salt.
  expect(middle(1)).toBeGreaterThan(middle(2));
  expect(sectionDrawing(db, id, 1)).toBe(sectionDrawing(db, id, 1));
  expect(() => sectionDrawing(db, id, 3)).toThrow(/version/);
});
