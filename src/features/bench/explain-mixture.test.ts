import { outcomeAt } from "@/core/formula/account/outcome";
import { chops, worked } from "@/core/formula/formulation.fixture";
import { withPreparation } from "@/core/formula/offer/offered";
import type { Formulation, FormulaLine } from "@/core/formulation";
import { PREPARATION_CHOICES, PREPARATIONS } from "@/core/preparations";
import { grams } from "@/ui/format";
import { whyBake, whyCoat, whyCrust, whySour } from "./explain-mixture";
import { whySalt as salt } from "./explain-salt";

const line = (ingredientId: string, amountG: number): FormulaLine => ({
  ingredientId,
  amountG,
  scalesWith: "foodMass",
  optional: false,
});
const LINES = [line("buttermilk", 200), line("soy_sauce", 30), line("garlic_clove", 10)];

function told(f: Formulation) {
  const sheet = worked(f);
  return { input: f, sheet, outcome: outcomeAt(sheet, f.pullH, f.portions) };
}
const KINDS = PREPARATION_CHOICES.filter((c) => !PREPARATIONS[c].brined && c !== "dry").map((choice) => ({
  choice,
  worked: told({ ...withPreparation(chops(), choice), lines: choice === "crust" ? [] : LINES }),
}));
const kind = (choice: string) => {
  const found = KINDS.find((k) => k.choice === choice);
  if (!found) throw new Error(choice);
  return found.worked;
};
const figures = (text: string) =>
  [...text.replace(/(?<=\d)[\u202f\u00a0\u2009,](?=\d)/g, "").matchAll(/\d+(?:\.\d+)?/g)].map(([n]) =>
    Number(n),
  );

test.each(KINDS)("$choice: each why has a sum in figures, a convention and a source", ({ worked: w }) => {
  const whys = [salt(w), whySour(w), whyCoat(w), ...(w.sheet.crust ? [whyCrust(w)] : [])];
  for (const why of whys) {
    expect(why.sum.join("\n")).not.toMatch(/NaN|undefined|Infinity/);
    expect(why.convention.length).toBeGreaterThan(20);
    expect(why.source.length).toBeGreaterThan(5);
  }
  expect(salt(w).sum.length).toBeGreaterThan(0);
});

test("salt in a mixture: what the line weighs is what the sum ends with", () => {
  const w = kind("marinade");
  const line = w.sheet.lines.find((l) => l.role === "salt");
  const shown = figures(salt(w).sum.join("\n"));
  if (line) expect(shown.some((n) => Math.abs(n - line.massG) < 0.06)).toBe(true);
  expect(shown.some((n) => Math.abs(n - (w.sheet.mix?.naclG ?? 0)) < 0.06)).toBe(true);
});

test("salted first: the share of the flesh, and another school is named", () => {
  const w = kind("marinade");
  const p = w.input.preparation;
  if (p.kind !== "marinade") throw new Error(p.kind);
  const first = told({
    ...w.input,
    preparation: { ...p, school: "onFoodFirst" },
  });
  const why = salt(first);
  expect(figures(why.sum[0]).some((n) => Math.abs(n - (first.sheet.dose?.wantedG ?? NaN)) < 0.06)).toBe(true);
  expect(why.otherSchool).toContain("mixture");
});

test("a crust: its box and its shell multiply to its salt, and the trade's rule stands beside it", () => {
  const { sheet } = kind("crust");
  const why = whyCrust(kind("crust"));
  const crust = sheet.crust;
  if (!crust) throw new Error("no crust");
  expect(crust.shellMl * crust.packedGPerMl).toBeCloseTo(crust.saltG, 6);
  expect(why.sum[2]).toContain(`= ${grams(crust.saltG)} g`);
  expect(why.otherSchool).toContain(`would take ${grams(crust.ruleG)} g`);
});

test("how long it bakes: one line to each rule, the longer is taken", () => {
  const { bake } = kind("crust").sheet;
  if (!bake) throw new Error("no bake");
  const why = whyBake(bake);
  expect(why.sum).toHaveLength(bake.rules.length);
  expect(bake.likelyH * 60).toBeGreaterThanOrEqual(Math.max(...bake.rules.map((r) => r.minutes)) - 1);
});

test("how sour: the mixture's own pH, and what it leaves out is said", () => {
  const w = kind("marinade");
  const why = whySour(w);
  expect(figures(why.sum[0])[0]).toBeCloseTo(w.sheet.mix?.pH ?? NaN, 2);
  expect(why.convention).toContain("buffering");
});

test("where there is no crust and no coat there is nothing to explain", () => {
  const brine = told(chops());
  expect(whyCrust(brine).sum).toEqual([]);
  expect(whyCoat(brine).sum).toEqual([]);
});
