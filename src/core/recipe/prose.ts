import { amountsIn, countAt, FIGURE, pinchIn, type Dialect } from "./amounts";
import { partOfHeading } from "./parts";
import { foodSaid } from "./foods-said";
import { customaryName } from "./synonyms";

/*
 * Ingredients in running text: no list was written, so each amount in a sentence is followed to the thing it is of. What no
 * table knows is left in the sentence.
 */

const BREAK =
  /[,;:.!?]|\)\s+(?=[A-Z])|\s+(?:and(?: then)?|with|into|then|plus|in(?! the (?:shell|skin|tin|tray|roasting pan)| shell)(?: the| a)?|to|over|until|while|for|on|from|because|so|beaten with|or)\s+/giu;
const LED = new RegExp(
  String.raw`(?:the )?(?:juice|zest)(?: and zest)? (?:of (?:${FIGURE} )?|\d{1,2} )\w+|a (?:good |small |large )?handful of [a-z ]+`,
  "giu",
);
const LEADING = /^(?:take|get|add|stir|mix|use|go|have|buy|you (?:want|need)|goes?|there are|in)\s+/i;

/** No sentence of a cook's is longer: what is, is looked at in stretches of so many characters. */
const SENTENCE_MOST = 600;

/** Lines a text without a list would have had, each as it stands in the text. */
export function linesInProse(text: string, dialect: Dialect): string[] {
  return text
    .replace(/\s+/g, " ")
    .split(/(?<=[.!?;:])\s+/)
    .flatMap((s) => s.match(STRETCH) ?? [])
    .flatMap((sentence) => {
      // "Over the top:" speaks of what follows it.
      if (/:$/.test(sentence) && sentence.length < 60) {
        // "For the pheasants (2 birds, 750 g each):" is the food itself.
        const named = sentence.replace(/^for (?:the |my |your )?|:$/gi, "");
        if (foodSaid(named) && amountsIn(named, dialect).length > 0) return [named];
        if (sentence.length < 40) return partOfHeading(sentence) === "main" ? [] : [sentence];
      }
      return linesInSentence(sentence, dialect);
    });
}

const STRETCH = new RegExp(`[^]{1,${SENTENCE_MOST}}`, "g");

function linesInSentence(sentence: string, dialect: Dialect): string[] {
  const chunks = chunksOf(sentence);
  const lines: string[] = [];
  for (let i = 0; i < chunks.length; i++) {
    const chunk = chunks[i].replace(LEADING, "").trim();
    const led = [...chunk.matchAll(LED)][0];
    if (led && known(led[0])) {
      lines.push(led[0].replace(/\s+if\b.*$/i, "").trim());
      continue;
    }
    // "salt 180 g": the amount stands behind its name.
    const named = /^([a-z][a-z' -]{2,30}?)\s+\d/i.exec(chunk)?.[1];
    if (named && (known(named) || known(`1 g ${named}`)) && amountsIn(chunk, dialect).length === 1) {
      lines.push(chunk);
      continue;
    }
    const start = startOf(chunk, dialect, sentence);
    if (start === undefined) continue;
    const line = withoutTail(chunk.slice(start));
    const food = foodSaid(line) ?? (lines.length === 0 ? foodSaid(line, sentence) : undefined);
    if (food) {
      // "6 mackerel, whole and gutted, about 350 g each": what follows of it belongs to it.
      let whole = line;
      const weighed = amountsIn(line, dialect).some((a) => a.kind === "mass");
      for (let j = i + 1; !weighed && j < Math.min(i + 4, chunks.length); j++) {
        const next = chunks[j].trim();
        if (
          amountsIn(next, dialect).some((a) => a.kind === "mass") &&
          !customaryName(nounOf(next, dialect))
        ) {
          const to = sentence.indexOf(next) + next.length;
          whole = sentence.slice(sentence.indexOf(line.slice(0, 12)), to);
          i = j;
          break;
        }
      }
      lines.push(whole.trim());
    } else if (known(line) && !SPOKEN_OF.test(line)) lines.push(line);
  }
  return lines;
}

/** What is done to a thing behind its name says nothing more of it; before the name it is part of the line. */
function withoutTail(line: string): string {
  const tail = /\s+(?:toasted|beaten|crushed|pounded|the same|from|cut|that|which|if there)\b.*$/i.exec(line);
  const before = tail ? line.slice(0, tail.index) : line;
  return (known(before) || foodSaid(before) ? before : line).trim();
}

/** "A litre of the water": of what was named before, nothing new. */
const SPOKEN_OF = /\bof (?:the|that|this|your|my) /i;

function chunksOf(sentence: string): string[] {
  const chunks: string[] = [];
  let from = 0;
  for (const match of sentence.matchAll(BREAK)) {
    // What stands in brackets belongs together: "2 loins (180 g apiece, 3 cm thick)".
    const before = sentence.slice(from, match.index);
    if (
      match[0][0] !== ")" &&
      before.lastIndexOf("(") > before.lastIndexOf(")") &&
      sentence.indexOf(")", match.index) >= 0
    )
      continue;
    chunks.push(sentence.slice(from, match.index));
    from = match.index + match[0].length;
  }
  chunks.push(sentence.slice(from));
  return chunks.flatMap(apart).filter((c) => c.trim() !== "");
}

/** "40 g fine salt 20 g caster sugar zest of a lemon": nothing stands between them but the next amount. */
function apart(chunk: string): string[] {
  const things: string[] = [];
  let from = 0;
  for (const match of chunk.matchAll(NEXT_AMOUNT)) {
    const to = match.index + match[1].length;
    const thing = chunk.slice(from, to);
    // An amount of its own stands before it: "salt 180 g" is one thing.
    if (!/\d/.test(thing)) continue;
    if (!known(thing) && !customaryName(thing.replace(/^.*\d\S*\s/, ""))) continue;
    things.push(thing.trim());
    from = to;
  }
  return [...things, chunk.slice(from).trim()];
}
const NEXT_AMOUNT =
  /(?<![a-z])([a-z]{3,20}\s+)(?=\d+(?:[.,]\d+)?\s*(?:kg|g|ml|cl|l|oz|lb|tbsp|tsp|cups?)\b|(?:juice|zest) of\b)/gi;

/** Where the amount of a chunk begins, its article with it. */
function startOf(chunk: string, dialect: Dialect, sentence: string): number | undefined {
  const led = countAt(chunk);
  if (led && (foodSaid(chunk.slice(led.end), sentence) || known(chunk.slice(led.end)))) return 0;
  const [amount] = amountsIn(chunk, dialect);
  const pinch = pinchIn(chunk);
  const at = [amount?.start, pinch?.start].filter((n) => n !== undefined);
  // "mackerel cure - 4 fillets (about 110 g apiece)": the count stands before the weight.
  const pieces = /[-–—]\s+(?=\d{1,2}\s+[a-z])/i.exec(chunk);
  if (pieces && (amount === undefined || pieces.index < amount.start)) {
    const from = pieces.index + pieces[0].length;
    if (foodSaid(chunk.slice(from), sentence)) return from;
  }
  if (at.length > 0) return Math.min(...at);
  const counted = new RegExp(String.raw`\b${FIGURE}\s+(?=[a-z])`, "iu").exec(chunk);
  if (counted && countAt(chunk.slice(counted.index))) {
    const rest = chunk.slice(counted.index + counted[0].length);
    return foodSaid(rest, sentence) || known(rest) ? counted.index : undefined;
  }
  return undefined;
}

const nounOf = (text: string, dialect: Dialect): string =>
  amountsIn(text, dialect).reduce((rest, a) => rest.replace(text.slice(a.start, a.end), " "), text);

function known(line: string): boolean {
  if (customaryName(line)) return true;
  const bare = line.replace(DONE_TO, "");
  return bare !== line && customaryName(bare) !== undefined;
}
/** "Four crushed cloves of garlic": what is done to a thing names no other. */
const DONE_TO =
  /\b(?:crushed|chopped|sliced|grated|peeled|minced|bashed|bruised|smashed|beaten|toasted)\s+/gi;
