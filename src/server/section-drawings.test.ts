import { chops } from "@/core/formula/formulation.fixture";
import { type Db, openDatabase } from "./database";
import { createFormula, saveVersion } from "./formulas";
import { formulaVersions } from "./schema";
import { sectionDrawing } from "./section-drawings";

const NOW = 1_750_000_000_000;

/** The middle's green: paler is less salt. */
function middle(db: Db, id: string, version: number): number {
  const greens = [...sectionDrawing(db, id, version).matchAll(/rgb\((\d+),(\d+),(\d+)\)"\/>/g)].map((m) =>
    Number(m[1]),
  );
  return greens[Math.floor(greens.length / 2)];
}

test("each version is drawn as it is: more hours, more salt inside; the same is drawn once", () => {
  const db = openDatabase(":memory:");
  const { formulaId: id } = createFormula(db, chops({ pullH: 2 }), "", NOW);
  saveVersion(db, id, { formulation: chops({ pullH: 30 }), baseVersion: 1, note: "" }, NOW + 1);
  expect(middle(db, id, 1)).toBeGreaterThan(middle(db, id, 2));
  expect(sectionDrawing(db, id, 1)).toBe(sectionDrawing(db, id, 1));
  expect(() => sectionDrawing(db, id, 3)).toThrow(/version/);
});

test("a snapshot put back gives a version's number to another: that one is drawn", () => {
  const db = openDatabase(":memory:");
  const { formulaId: id } = createFormula(db, chops({ pullH: 2 }), "", NOW);
  const before = middle(db, id, 1);
  db.update(formulaVersions)
    .set({ body: chops({ pullH: 30 }) })
    .run();
  expect(middle(db, id, 1)).toBeLessThan(before);
});
