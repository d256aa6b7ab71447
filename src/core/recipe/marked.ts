import type { ReadRecipe } from "./reading";

/** A stretch of a recipe's words: what was read of it, and the rest. */
export interface Piece {
  text: string;
  /** The line that was read there, by its index. */
  line?: number;
  /** A figure of the method: a time, an oven, a core. */
  figure?: true;
}

interface Span extends Omit<Piece, "text"> {
  start: number;
  end: number;
}

/** The words a reading is shown in: as they were pasted, or, of a page's own data, put down one under another. */
export const wordsOf = (pasted: string, { source, recipe }: ReadRecipe): string =>
  source === "text"
    ? pasted.slice(0, 100_000)
    : [recipe.name, "", ...recipe.ingredients, "", ...recipe.method].join("\n");

/** Cuts a recipe's words where something was read, so that each can be shown where it came from. */
export function markedText(words: string, read: ReadRecipe): Piece[] {
  const spans = [...lineSpans(words, read), ...figureSpans(words, read)].sort((a, b) => a.start - b.start);
  const pieces: Piece[] = [];
  let at = 0;
  for (const { start, end, ...is } of spans) {
    if (start < at) continue;
    if (start > at) pieces.push({ text: words.slice(at, start) });
    pieces.push({ text: words.slice(start, end), ...is });
    at = end;
  }
  if (at < words.length) pieces.push({ text: words.slice(at) });
  return pieces;
}

/** Lines stand in their order; one that was split by hand is found by its own words. */
function lineSpans(words: string, read: ReadRecipe): Span[] {
  let from = 0;
  return read.lines.flatMap(({ text, index, isHeading }): Span[] => {
    const found = whereIs(text, words, from) ?? whereIs(text, words, 0);
    if (!found) return [];
    from = Math.max(from, found.end);
    return isHeading ? [] : [{ ...found, line: index }];
  });
}

function figureSpans(words: string, { method, soak }: ReadRecipe): Span[] {
  const said = [
    ...(soak ? [soak] : []),
    ...method.stages,
    ...method.ovens,
    ...method.cores,
    ...(method.ovenTotal ? [method.ovenTotal] : []),
  ];
  const sentences = new Map<string, { start: number; end: number } | undefined>();
  return said.flatMap(({ text, sentence }): Span[] => {
    if (!sentences.has(sentence)) sentences.set(sentence, whereIs(sentence, words, 0));
    const all = sentences.get(sentence);
    const found = all && whereIs(text, words.slice(0, all.end), all.start);
    return found ? [{ ...found, figure: true }] : [];
  });
}

/** Between two words of a line may stand so much that was tidied away: a mark, a blank, a broken row. */
const BETWEEN = String.raw`[^\p{L}\p{N}]{0,8}?`;

/** Where a tidied text stands in the words it came from. */
function whereIs(text: string, words: string, from: number): { start: number; end: number } | undefined {
  const own = text.match(/[\p{L}\p{N}]+/gu);
  if (!own) return undefined;
  const found = new RegExp(own.join(BETWEEN), "u").exec(words.slice(from));
  return found ? { start: from + found.index, end: from + found.index + found[0].length } : undefined;
}
