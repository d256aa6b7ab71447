import type { Formulation } from "../formulation";
import { textInFragment } from "./share";

/** Kitchens know their own formula by this, in whatever file it travels. */
export const FORMULA_FORMAT = "iron-crock.formula";
export const FORMULA_VERSION = 1;
/** In Recipe data a formula travels as an encoding of this type. */
export const FORMULA_MEDIA_TYPE = "application/vnd.iron-crock.formula+json";
const DATA_URL = `data:${FORMULA_MEDIA_TYPE},`;
/** In Markdown, as a block of code under this word. */
const FENCE = "json iron-crock";
/** At the start of a line: a block quoted in the notes is none. */
const BLOCK = new RegExp(`^\`\`\`${FENCE}\\r?\\n(.*)\\r?\\n\`\`\``, "m");

/** A formula outside its kitchen. */
export interface FormulaFile {
  format: typeof FORMULA_FORMAT;
  version: typeof FORMULA_VERSION;
  formulation: Formulation;
  tags: string[];
}

export const formulaFile = (formulation: Formulation, tags: readonly string[] = []): FormulaFile => ({
  format: FORMULA_FORMAT,
  version: FORMULA_VERSION,
  formulation,
  tags: [...tags],
});

export const formulaDataUrl = (file: FormulaFile): string =>
  // Apostrophes too: the address may stand in a page between them.
  DATA_URL + encodeURIComponent(JSON.stringify(file)).replaceAll("'", "%27");

export const formulaBlock = (file: FormulaFile): string =>
  // A fence within the notes must not end this one: no line of JSON in one line begins with one.
  `\`\`\`${FENCE}\n${JSON.stringify(file)}\n\`\`\``;

/** The most of a text that is looked through. */
const LOOKED_AT = 2_000_000;

/**
 * The formula that a text carries: its own file, a link with it, Markdown with its block, or Recipe data (alone or in a page) with it as
 * an encoding. What comes out is unchecked: its contract must read it.
 * @returns undefined where there is none
 */
export function carriedFormula(text: string): unknown {
  const looked = text.slice(0, LOOKED_AT);
  const whole = json(textInFragment(looked) ?? looked);
  if (isFormulaFile(whole)) return whole;
  const block = BLOCK.exec(looked)?.[1];
  if (block !== undefined) {
    const inside = json(block);
    if (isFormulaFile(inside)) return inside;
  }
  const at = looked.indexOf(DATA_URL);
  if (at < 0) return undefined;
  const [url] = /^[^"'\\\s<>]*/.exec(looked.slice(at + DATA_URL.length)) ?? [""];
  const inside = json(decoded(url));
  return isFormulaFile(inside) ? inside : undefined;
}

const isFormulaFile = (value: unknown): boolean =>
  typeof value === "object" && value !== null && "format" in value && value.format === FORMULA_FORMAT;

function json(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

function decoded(text: string): string {
  try {
    return decodeURIComponent(text);
  } catch {
    return "";
  }
}
