import { markdownOf } from "@/core/exchange/markdown-out";
import { recipeOf } from "@/core/exchange/recipe-out";
import { textOf } from "@/core/exchange/text-out";
import { cookOf, stagesOf } from "@/core/formula/cook/cook";
import { worked } from "@/core/formula/formulation.fixture";
import type { Formulation } from "@/core/formulation";
import { choiceOf } from "@/core/preparations";
import { programOf } from "@/core/program/program";
import { USUAL_WORDS } from "@/core/quantity/words";
import { readRecipe } from "@/core/recipe/read-recipe";
import { factsOf, formulationOfRead, linesAsRead } from "@/core/recipe/settle";
import * as brines from "../demo/brines";
import * as fish from "../demo/fish-and-crusts";
import * as mixtures from "../demo/mixtures";

/* The example's formulas as other programs have them, without this app's own file in them, read as any recipe is. */

const FORMULAS = Object.values({ ...brines, ...fish, ...mixtures });
const asRecipe = (f: Formulation) => JSON.stringify({ ...recipeOf(f, worked(f)), encoding: undefined });
const asMarkdown = (f: Formulation) => markdownOf(f, worked(f), "metric").split("## The formula itself")[0];

const asText = (f: Formulation) => textOf(f, worked(f), "metric");

function readBack(text: string): Formulation {
  const read = readRecipe(text, { measures: "metric", words: USUAL_WORDS });
  const { formulation } = formulationOfRead(read, factsOf(read), linesAsRead(read));
  if (!formulation) throw new Error(`no formulation of: ${text.slice(0, 200)}`);
  return formulation;
}

/** All that a cook would call the same dish. */
function dish(f: Formulation) {
  const sheet = worked(f);
  const cook = cookOf(f, sheet.food);
  return {
    preparation: choiceOf(f.preparation),
    food: f.foodId,
    pieces: [f.pieces.count, f.pieces.totalMassG, f.pieces.thicknessMm],
    slashes: f.pieces.slashDepthMm > 0 ? [f.pieces.slashDepthMm, f.pieces.slashSpacingMm] : [],
    hours: Math.round(f.pullH * 60) / 60,
    kept: [f.holding.place, f.holding.temperatureC, f.holding.covered],
    portions: f.portions,
    salt: f.saltId,
    cook: [cook.toC, cook.restMin],
    stages: stagesOf(f, cook).map((s) => [s.on ?? "oven", s.ovenC, Math.round(s.minutes), s.cover]),
    acts: programOf(f, sheet).steps.map((s) => s.id),
    lines: [...sheet.lines, ...sheet.companions].map((l) => `${l.part} ${l.id}`).sort(),
  };
}

const gramsOf = (f: Formulation) => {
  const sheet = worked(f);
  return new Map([...sheet.lines, ...sheet.companions].map((l) => [`${l.part} ${l.id}`, l.massG]));
};

describe.each(FORMULAS.map((f) => [f.name, f] as const))("%s", (_, f) => {
  test.each([
    ["Recipe data", asRecipe],
    ["Markdown", asMarkdown],
    ["plain text", asText],
  ])("%s: the same hours, pieces, strength, parts, stages and acts", (_kind, written) => {
    const back = readBack(written(f));
    expect(dish(back)).toEqual(dish(f));
    const was = gramsOf(f);
    for (const [line, grams] of gramsOf(back)) {
      // As the scale shows them. A crust's size is measured on the fish, and stands in no recipe: its salt is near.
      const shown = grams < 20 ? 0.06 : Math.max(0.6, 0.005 * grams);
      const near = f.preparation.kind === "saltCrust" && /salt|white|coarse/.test(line) ? 0.1 * grams : shown;
      expect([line, Math.abs(grams - (was.get(line) ?? NaN)) <= near]).toEqual([line, true]);
    }
    const strength = worked(f).brine?.saltFraction;
    if (strength !== undefined) expect(worked(back).brine?.saltFraction).toBeCloseTo(strength, 3);
  });
});
