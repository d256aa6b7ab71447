import { VOLUME_ML } from "./units";
import { firstOf } from "../sequence";

/** Which set of measures hangs in the drawer. */
export type MeasureSystem = "us" | "metric";

interface Measure {
  name: "cup" | "tbsp" | "tsp";
  ml: number;
}

const DRAWER: Record<MeasureSystem, [cup: Measure, tbsp: Measure, tsp: Measure]> = {
  us: [
    { name: "cup", ml: VOLUME_ML.us_cup },
    { name: "tbsp", ml: VOLUME_ML.us_tbsp },
    { name: "tsp", ml: VOLUME_ML.us_tsp },
  ],
  metric: [
    { name: "cup", ml: VOLUME_ML.metric_cup },
    { name: "tbsp", ml: VOLUME_ML.metric_tbsp },
    { name: "tsp", ml: VOLUME_ML.metric_tsp },
  ],
};

// Level measures found in a drawer, as fractions of the spoon or cup. Heaped spoons are not a measure.
const PARTS: Record<Measure["name"], { part: number; glyph: string }[]> = {
  cup: [
    { part: 0, glyph: "" },
    { part: 1 / 8, glyph: "⅛" },
    { part: 1 / 4, glyph: "¼" },
    { part: 1 / 3, glyph: "⅓" },
    { part: 3 / 8, glyph: "⅜" },
    { part: 1 / 2, glyph: "½" },
    { part: 5 / 8, glyph: "⅝" },
    { part: 2 / 3, glyph: "⅔" },
    { part: 3 / 4, glyph: "¾" },
    { part: 7 / 8, glyph: "⅞" },
  ],
  tbsp: [{ part: 0, glyph: "" }],
  tsp: [
    { part: 0, glyph: "" },
    { part: 1 / 8, glyph: "⅛" },
    { part: 1 / 4, glyph: "¼" },
    { part: 3 / 8, glyph: "⅜" },
    { part: 1 / 2, glyph: "½" },
    { part: 5 / 8, glyph: "⅝" },
    { part: 3 / 4, glyph: "¾" },
    { part: 7 / 8, glyph: "⅞" },
  ],
};

export interface SpoonMeasure {
  /** For example "1 tbsp + 1½ tsp". */
  text: string;
  volumeMl: number;
  /** (measured by these spoons − wanted) ÷ wanted; 0.02 means the spoons give 2 % too much. */
  relativeError: number;
}

/** Share of the wanted amount beyond which one more kind of spoon is taken out. */
export const CLOSE_ENOUGH = 0.02;

/**
 * The nearest level measures a drawer holds, largest first, never heaped.
 * @param massG wanted mass, g, > 0
 * @param densityGPerMl spoon (bulk) density of this very ingredient, g/mL, > 0
 * @returns undefined when the amount is under half of the smallest spoon (⅛ tsp) or needs over 40 cups
 */
export function spoonMeasure(
  massG: number,
  densityGPerMl: number,
  system: MeasureSystem,
): SpoonMeasure | undefined {
  const wantedMl = massG / densityGPerMl;
  const [cup, tbsp, tsp] = DRAWER[system];
  if (!(wantedMl >= tsp.ml / 16) || wantedMl > 40 * cup.ml) return undefined;
  const sets: Measure[][] =
    wantedMl >= cup.ml * 0.24
      ? [[cup], [cup, tbsp], [cup, tbsp, tsp], [tbsp, tsp]]
      : [[tsp], [tbsp], [tbsp, tsp]];
  const candidates = sets
    .map((set) => fill(wantedMl, set))
    .filter((c) => c.ml > 0)
    .map((c) => ({ ...c, relativeError: c.ml / wantedMl - 1 }));
  const byError = (a: { relativeError: number }, b: { relativeError: number }) =>
    Math.abs(a.relativeError) - Math.abs(b.relativeError);
  const simplestGood = candidates
    .filter((c) => Math.abs(c.relativeError) <= CLOSE_ENOUGH)
    .sort((a, b) => a.handfuls - b.handfuls || byError(a, b))[0];
  const best = simplestGood ?? firstOf(candidates.sort(byError));
  return { text: best.text, volumeMl: best.ml, relativeError: best.relativeError };
}

function fill(wantedMl: number, set: Measure[]): { ml: number; text: string; handfuls: number } {
  let left = wantedMl;
  let ml = 0;
  let handfuls = 0;
  const words: string[] = [];
  set.forEach((measure, i) => {
    const last = i === set.length - 1;
    const { whole, part, glyph } = takeOf(left / measure.ml, PARTS[measure.name], last);
    if (whole + part === 0) return;
    const amount = (whole + part) * measure.ml;
    left -= amount;
    ml += amount;
    handfuls += whole + (part > 0 ? 1 : 0);
    const plural = measure.name === "cup" && whole + part > 1 ? "cups" : measure.name;
    words.push(`${whole > 0 ? whole : ""}${glyph} ${plural}`);
  });
  return { ml, text: words.join(" + "), handfuls };
}

/** The last measure rounds to the nearest part; earlier ones take what fits below, and leave the rest. */
function takeOf(count: number, parts: { part: number; glyph: string }[], last: boolean) {
  const whole = Math.floor(count + 1e-9);
  const options = [...parts.map((p) => ({ whole, ...p })), { whole: whole + 1, part: 0, glyph: "" }];
  const fitting = last ? options : options.filter((o) => o.whole + o.part <= count + 1e-9);
  return fitting.reduce((best, o) =>
    Math.abs(o.whole + o.part - count) < Math.abs(best.whole + best.part - count) ? o : best,
  );
}
