import { outcomeAt } from "../formula/account/outcome";
import { cookOf, cookMinutes, stagesOf } from "../formula/cook/cook";
import type { Formulated } from "../formula/formulate";
import type { Formulation, LinePlace } from "../formulation";
import { choiceOf } from "../preparations";
import { programOf } from "../program/program";
import { roundForScale } from "../quantity/rounding";
import { spoonMeasure, type MeasureSystem } from "../quantity/spoons";
import { FORMULA_MEDIA_TYPE, formulaDataUrl, formulaFile } from "./formula-file";
import { PART_NAME, PREPARATION_NAME } from "./names";
import { sectionDataUrl } from "./section-image";
import { tellingOf, type Told } from "./telling";
import * as words from "@/words/core/exchange/recipe-out";

interface Direction {
  "@type": "HowToDirection";
  text: string;
  performTime: string;
  supply?: { "@type": "HowToSupply"; name: string }[];
}

/** schema.org HowToStep. */
interface Step {
  "@type": "HowToStep";
  position: number;
  name: string;
  text: string;
  itemListElement: (Direction | { "@type": "HowToTip"; text: string })[];
}

interface Section {
  "@type": "HowToSection";
  name: string;
  itemListElement: Step[];
}

/** schema.org Recipe (schema.org 28.0, *from memory*), with the formula itself as an encoding of it. */
export interface RecipeData {
  "@context": "https://schema.org";
  "@type": "Recipe";
  name: string;
  description?: string;
  image: string;
  recipeCategory: string;
  keywords?: string;
  recipeYield: string;
  recipeIngredient: string[];
  recipeInstructions: Section[];
  prepTime: string;
  cookTime: string;
  totalTime: string;
  nutrition: { "@type": "NutritionInformation"; servingSize: string; sodiumContent: string };
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
export function recipeOf(
  f: Formulation,
  sheet: Formulated,
  tags: readonly string[] = [],
  measures: MeasureSystem = "metric",
): RecipeData {
  const told = tellingOf(f, sheet);
  const { steps, tableMin } = programOf(f, sheet);
  const toTheTable = steps.filter((s) => s.atMin < tableMin);
  const cookMin = cookMinutes(stagesOf(f, cookOf(f, sheet.food)));
  const { ledger } = outcomeAt(sheet, f.pullH, f.portions);
  return {
    "@context": "https://schema.org",
    "@type": "Recipe",
    name: f.name,
    ...(f.notes && { description: f.notes }),
    image: sectionDataUrl(sheet, f.pullH),
    recipeCategory: PREPARATION_NAME[choiceOf(f.preparation)],
    ...(tags.length > 0 && { keywords: tags.join(", ") }),
    recipeYield: words.portions(f.portions),
    recipeIngredient: ingredientsOf(f, sheet, measures),
    recipeInstructions: sectionsOf(told),
    prepTime: isoDuration(toTheTable.reduce((sum, s) => sum + s.handsMin, 0)),
    cookTime: isoDuration(cookMin),
    // To the table: what is chilled afterwards keeps nobody waiting.
    totalTime: isoDuration(tableMin - Math.min(...steps.map((s) => s.atMin))),
    nutrition: {
      "@type": "NutritionInformation",
      servingSize: words.of1OfPortionsGSalt(f.portions, (ledger.eatenG / f.portions).toFixed(1)),
      sodiumContent: `${Math.round(ledger.sodiumMgPerPortion)} mg`,
    },
    encoding: {
      "@type": "MediaObject",
      encodingFormat: FORMULA_MEDIA_TYPE,
      contentUrl: formulaDataUrl(formulaFile(f, tags)),
    },
  };
}

/** Steps under their sections, numbered through. */
function sectionsOf(told: readonly Told[]): Section[] {
  const sections: Section[] = [];
  told.forEach((one, i) => {
    const name = words.section[one.section];
    let last = sections.at(-1);
    if (last?.name !== name) {
      last = { "@type": "HowToSection", name, itemListElement: [] };
      sections.push(last);
    }
    last.itemListElement.push(stepOf(one, i + 1));
  });
  return sections;
}

const stepOf = ({ title, text, tip, lastsMin, weighed }: Told, position: number): Step => ({
  "@type": "HowToStep",
  position,
  name: title,
  text,
  itemListElement: [
    {
      "@type": "HowToDirection",
      text,
      performTime: isoDuration(lastsMin),
      ...(weighed.length > 0 && {
        supply: weighed.map((name) => ({ "@type": "HowToSupply" as const, name })),
      }),
    },
    ...(tip ? [{ "@type": "HowToTip" as const, text: tip }] : []),
  ],
});

/** The food, then everything that is weighed, in grams with the kitchen's measures beside them. */
export function ingredientsOf(
  f: Formulation,
  sheet: Formulated,
  measures: MeasureSystem = "metric",
): string[] {
  const { count, thicknessMm, thin } = f.pieces;
  const pieces = count > 1 ? words.pieces(count) : "";
  const thinPart = thin ? words.mmInTheThinPart(scaleMm(thin.thicknessMm)) : "";
  return [
    words.mmThick({
      foodG: scaleG(sheet.foodG),
      foodName: sheet.food.name,
      pieces,
      thicknessMm: scaleMm(thicknessMm),
      thinPart,
    }),
    ...[...sheet.lines, ...sheet.companions].map((line) => {
      const where =
        line.part === "main" ? (line.where ? PLACE[line.where] : "") : words.forThe(PART_NAME[line.part]);
      const spoon = line.densityGPerMl && spoonMeasure(line.massG, line.densityGPerMl, measures)?.text;
      return `${scaleG(line.massG)} g ${line.name}${where}${spoon ? ` (${spoon})` : ""}${line.optional ? words.optional : ""}`;
    }),
  ];
}

const PLACE: Record<LinePlace, string> = words.place;

/** As the scale shows it, without separators. */
const scaleG = (massG: number): string => String(Number(roundForScale(massG).toFixed(1)));
const scaleMm = (mm: number): string => String(Number(mm.toFixed(1)));
