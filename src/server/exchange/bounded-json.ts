import { Refusal } from "../problem";
import * as words from "@/words/server/exchange/bounded-json";

/** Nothing of ours is nested deeper than about ten. */
const DEPTH_MOST = 40;

/**
 * Parses JSON of bounded depth.
 * @throws Refusal 400 where it does not read or is nested too deep
 */
export function boundedJson(text: string): unknown {
  if (depthOf(text) > DEPTH_MOST)
    throw new Refusal(400, words.nestedTooDeep, words.atMostLevelsPlease(DEPTH_MOST));
  try {
    return JSON.parse(text);
  } catch {
    throw new Refusal(400, words.notJson, words.theTextDoesNotRead);
  }
}

/** Deepest nesting of brackets outside strings; the text need not be well formed. */
function depthOf(text: string): number {
  let depth = 0;
  let deepest = 0;
  let inString = false;
  for (let i = 0; i < text.length && deepest <= DEPTH_MOST; i++) {
    const c = text[i];
    if (inString) {
      if (c === "\\") i++;
      else if (c === '"') inString = false;
    } else if (c === '"') inString = true;
    else if (c === "{" || c === "[") deepest = Math.max(deepest, ++depth);
    else if (c === "}" || c === "]") depth--;
  }
  return deepest;
}
