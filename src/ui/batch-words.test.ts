import { snapshotOf, sheetSnapshotSchema } from "@/contracts/sheet";
import type { BatchView } from "@/contracts/views";
import { outcomeAt } from "@/core/formula/account/outcome";
import { chops, worked } from "@/core/formula/formulation.fixture";
import { preparationOffered } from "@/core/formula/offer/defaults";
import type { Formulation } from "@/core/formulation";
import { WALL_CLOCK } from "@/core/program/batch-clock";
import { batchNote, nextAct } from "./batch-words";
import { unitsOf } from "./units";

const START = Date.UTC(2026, 10, 27, 20);
const HOUR = 3_600_000;

function batch(formulation: Formulation): BatchView {
  const sheet = worked(formulation);
  return {
    id: "b",
    formulaId: "f",
    version: 1,
    name: formulation.name,
    formulation,
    sheet: snapshotOf(sheet, outcomeAt(sheet, formulation.pullH, formulation.portions)),
    startedAtMs: START,
    plannedLiftAtMs: START + formulation.pullH * HOUR,
    liftedAtMs: null,
    timeZone: "Europe/London",
    rate: { factor: 1, doubt: null },
    prior: { factor: 1, doubt: null },
    clock: WALL_CLOCK,
    saltScore: null,
    readingCount: 0,
  };
}

test("the next act is to put in, then to lift out, even when that is overdue", () => {
  const b = batch(chops());
  expect(nextAct(b, START - HOUR)).toEqual({ act: "put in", atMs: START });
  expect(nextAct(b, START + HOUR)).toEqual({ act: "take out", atMs: START + 24 * HOUR });
  expect(nextAct(b, START + 40 * HOUR).act).toBe("take out");
});

test.each([
  [chops(), "equilibrium brine · 4 pieces · 1.0 kg"],
  [chops({ preparation: preparationOffered("timed", 0.012) }), "timed brine · 4 pieces · 1.0 kg"],
  [chops({ preparation: preparationOffered("dry", 0.012) }), "dry brine · 4 pieces · 1.0 kg"],
])("a batch says what it is", (formulation, note) => {
  expect(batchNote(batch(formulation), unitsOf("metric"))).toBe(note);
});

test("an American kitchen reads the same weight as the Bench has it, not the rounded kilograms again", () => {
  const f = chops();
  const heavy = { ...f, pieces: { ...f.pieces, totalMassG: 2550 } };
  expect(batchNote(batch(heavy), unitsOf("us"))).toContain("5 lb 10 oz");
  expect(unitsOf("us").date(Date.UTC(2026, 10, 29, 2), "UTC")).toBe("29 Nov 2026, 2 am");
});

test("a stored sheet passes its contract through JSON, a dry one too", () => {
  for (const f of [chops(), chops({ preparation: preparationOffered("dry", 0.012) })]) {
    const { sheet } = batch(f);
    const read = sheetSnapshotSchema.parse(JSON.parse(JSON.stringify(sheet)));
    expect(read.naclG).toBe(sheet.naclG);
    expect(read.lines).toHaveLength(sheet.lines.length);
    expect(read.brineFraction).toBe(sheet.brineFraction);
  }
});
