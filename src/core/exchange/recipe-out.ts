import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formula/model";
import { cookOf, cookMinutes, stagesOf } from "../formula/cook";
import { roundForScale } from "../quantity/rounding";
import { actsIn, programOf } from "../program/program";
import { FORMULA_MEDIA_TYPE, formulaDataUrl, formulaFile } from "./formula-file";
import { PART_NAME, PREPARATION_NAME } from "./names";
import { choiceOf } from "../formula/defaults";

/** schema.org HowToStep. */
interface Step {
  "@type": "HowToStep";
  position: number;
  name: string;
  text: string;
}

/** schema.org Recipe (schema.org 28.0, *from memory*), with the formula itself as an encoding of it. */
export interface RecipeData {
  "@context": "https://schema.org";
  "@type": "Recipe";
  name: string;
  description?: string;
  recipeCategory: string;
  keywords?: string;
  recipeYield: string;
  recipeIngredient: string[];
  recipeInstructions: Step[];
  prepTime: string;
  cookTime: string;
  totalTime: string;
  encoding: { "@type": "MediaObject"; encodingFormat: string; contentUrl: string };
}

/** Minutes as an ISO 8601 duration, to the minute and without empty parts, as every reader takes it: 90 → "PT1H30M". */
export function isoDuration(minutes: number): string {
  const whole = Math.round(minutes);
  const part = (amount: number, letter: string) => (amount > 0 ? `${amount}${letter}` : "");
  const days = part(Math.floor(whole / 1440), "D");
  const clock = part(Math.floor((whole % 1440) / 60), "H") + part(whole % 60, "M");
  return days + clock === "" ? "PT0M" : `P${days}${clock && `T${clock}`}`;
}

/** A worked formula as Recipe data: other programs read the recipe, an Iron Crock reads the formula. */
export function recipeOf(f: Formulation, sheet: Formulated, tags: readonly string[] = []): RecipeData {
  const acts = actsIn(programOf(f, sheet));
  const handsMin = acts.reduce((sum, a) => sum + a.handsMin, 0);
  const cookMin = cookMinutes(stagesOf(f, cookOf(f, sheet.food)));
  const lastMin = Math.max(...acts.map((a) => a.atMin + a.handsMin));
  const firstMin = Math.min(...acts.map((a) => a.atMin));
  return {
    "@context": "https://schema.org",
    "@type": "Recipe",
    name: f.name,
    ...(f.notes && { description: f.notes }),
    recipeCategory: PREPARATION_NAME[choiceOf(f.preparation)],
    ...(tags.length > 0 && { keywords: tags.join(", ") }),
    recipeYield: `${f.portions} portions`,
    recipeIngredient: ingredientsOf(f, sheet),
    recipeInstructions: acts.map((act, i) => ({
      "@type": "HowToStep",
      position: i + 1,
      name: act.title,
      text: [act.title, act.why, act.look].filter(Boolean).map(sentence).join(" "),
    })),
    prepTime: isoDuration(handsMin),
    cookTime: isoDuration(cookMin),
    totalTime: isoDuration(lastMin - firstMin),
    encoding: {
      "@type": "MediaObject",
      encodingFormat: FORMULA_MEDIA_TYPE,
      contentUrl: formulaDataUrl(formulaFile(f, tags)),
    },
  };
}

const sentence = (text: string | undefined): string =>
  text ? (/[.!?]$/.test(text) ? text : `${text}.`) : "";

/** The food, then everything that is weighed. */
export function ingredientsOf(f: Formulation, sheet: Formulated): string[] {
  const pieces = f.pieces.count > 1 ? `, ${f.pieces.count} pieces` : "";
  return [
    `${scaleG(sheet.foodG)} g ${sheet.food.name}${pieces}`,
    ...[...sheet.lines, ...sheet.companions].map((line) => {
      const where = line.part === "main" ? "" : ` (${PART_NAME[line.part]})`;
      return `${scaleG(line.massG)} g ${line.name}${where}${line.optional ? ", optional" : ""}`;
    }),
  ];
}

/** As the scale shows it, without separators. */
const scaleG = (massG: number): string => String(Number(roundForScale(massG).toFixed(1)));
