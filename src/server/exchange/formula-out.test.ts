import Papa from "papaparse";
import { readFormulaFile } from "@/contracts/formula-file";
import { outcomeAt } from "@/core/formula/account/outcome";
import { chops, worked } from "@/core/formula/formulation.fixture";
import { formulaAs, KINDS_OF_FILE } from "./formula-out";

const KITCHEN = { measures: "metric", rates: {} } as const;
const formulation = chops({
  name: "=HYPERLINK(chops)",
  lines: [
    { ingredientId: "juniper", amountG: 4, scalesWith: "bath", optional: false },
    { ingredientId: "soy_sauce", amountG: 20, scalesWith: "foodMass", optional: true },
  ],
});
const out = (kind: (typeof KINDS_OF_FILE)[number]) =>
  formulaAs(kind, { formulation, tags: ["Saturday"] }, KITCHEN);
const rows = (text: string) =>
  Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ""), { header: true, skipEmptyLines: true })
    .data;

test.each(["json", "recipe", "markdown"] as const)("as %s it comes in again, with its tags", (kind) =>
  expect(readFormulaFile(out(kind).text)).toMatchObject({
    ok: true,
    value: { formulation, tags: ["Saturday"] },
  }),
);

test("every kind says what it is, and ends as what it is", () =>
  expect(KINDS_OF_FILE.map((kind) => [out(kind).mime, out(kind).ending])).toEqual([
    ["application/json", ".formula.json"],
    ["application/ld+json", ".recipe.json"],
    ["text/markdown", ".md"],
    ["text/plain", ".txt"],
    ["text/csv", ".sheet.csv"],
    ["text/csv", ".ledger.csv"],
  ]));

test("the sheet has a row for each line that is weighed out, in grams", () => {
  const sheet = worked(formulation);
  const read = rows(out("sheet").text);
  const wanted = [...sheet.lines, ...sheet.companions];
  expect(read).toHaveLength(wanted.length);
  wanted.forEach((line, i) => {
    const figures = Object.values(read[i]).map(Number);
    expect(figures.some((f) => Math.abs(f - line.massG) < 0.06)).toBe(true);
    expect(Object.values(read[i])).toContain(line.name);
  });
});

test("the ledger's rows hold all the salt there is", () => {
  const { ledger } = outcomeAt(worked(formulation), formulation.pullH, formulation.portions);
  const text = out("ledger").text;
  const listed = rows(text);
  expect(listed).toHaveLength(ledger.sources.length + ledger.ends.length);
  const side = (name: string) =>
    listed.filter((r) => r.side === name).reduce((sum, r) => sum + Number(r.salt_g), 0);
  expect(side("from")).toBeCloseTo(ledger.totalG, 9);
  expect(side("to")).toBeCloseTo(ledger.totalG, 9);
});

test("no cell begins a sum in a spreadsheet", () => {
  for (const kind of ["sheet", "ledger"] as const)
    for (const row of rows(out(kind).text))
      for (const cell of Object.values(row)) expect(cell).not.toMatch(/^[=+@\t]/);
});

test("where the sums do not work out only its own file is to be had", () => {
  const broken = chops({ foodId: "no_such_food" });
  const of = (kind: (typeof KINDS_OF_FILE)[number]) =>
    formulaAs(kind, { formulation: broken, tags: [] }, KITCHEN);
  expect(of("json").text).toContain("no_such_food");
  for (const kind of ["recipe", "markdown", "sheet", "ledger"] as const)
    expect(() => of(kind)).toThrow(/no sheet/);
});
