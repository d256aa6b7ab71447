import type { CookSaidStage, ReadMethod, SaidHeat } from "./method";
import type { SaidTemperature } from "./temperatures";
import { timesIn } from "./times";

/* Ovens and times of a method, laid out as stretches of the cook. */

export const CHANGE =
  /\b(?:reduce|lower|turn (?:it |the (?:oven|heat) )?(?:up|down)|turn(?:ed)? (?:up|down)|increase|raise|drop|bring (?:it |the \w+ )?(?:up|down)|crank|whack|then|finish|up to|down to|blast|after that|second)\b/i;
/** Times that are no stretch of their own: how often, how late, or in all. */
const PASSING =
  /\b(?:every|at(?: the)?|out(?: of the oven)? for|after(?: the)?(?: first)?|for the last|in the last|the last|last|halfway|half[- ]way|turn(?:ing|ed)? (?:it |them )?(?:at|after)|of which)\s+(?:about\s+)?$/i;
const PER_SIDE = /^\s*(?:\/|(?:a|per|each|on each|on the first|on the other)\s+)side/i;
export const before = (sentence: string, at: number): string => sentence.slice(0, at);

/** Ovens and times of one sentence, in the order they stand, into stretches of the cook. */
export function stagesFrom(
  read: ReadMethod,
  sentence: string,
  ovens: readonly SaidTemperature[],
  cooking: boolean,
): void {
  const times = read.stages.filter(
    (s) =>
      s.sentence === sentence && (s.kind === "cook" || (s.kind === "other" && cooking && ovens.length > 0)),
  );
  const tokens = [
    ...ovens.map((oven) => ({ at: oven.at, oven, time: undefined })),
    ...times.map((time) => ({ at: time.at, oven: undefined, time })),
  ].sort((a, b) => a.at - b.at);
  for (const [i, { oven, time, at }] of tokens.entries()) {
    const last = read.cook.at(-1);
    // "20 minutes at gas 7": the heat behind a time is that time's.
    const next = tokens[i + 1]?.oven;
    const own =
      time && next && /^\s*(?:at|in an?)\s*$/i.test(sentence.slice(at + time.text.length, next.at))
        ? next.celsius
        : undefined;
    if (oven && last?.ovenC === oven.celsius && last.minutes && tokens[i - 1]?.time) continue;
    if (oven) {
      if (last?.ovenC !== undefined && !last.minutes && Math.abs(last.ovenC - oven.celsius) > 9) {
        if (!CHANGE.test(before(sentence, at))) {
          const [first] = read.ovens;
          read.ovenConflict ??= [first, { ...oven, sentence, changes: false }];
        }
        last.ovenC = oven.celsius;
      } else if (last && last.minutes && last.ovenC === undefined && cooking) last.ovenC = oven.celsius;
      else if (!last || last.minutes || last.ovenC === undefined) {
        if (last && last.minutes && last.ovenC === oven.celsius) continue;
        if (last && !last.minutes) last.ovenC = oven.celsius;
        else read.cook.push({ ovenC: oven.celsius });
      }
      continue;
    }
    if (!time || PASSING.test(before(sentence, at))) continue;
    if (PER_SIDE.test(sentence.slice(at + time.text.length))) continue;
    const cover = coverOf(sentence, at, time.text.length);
    if (last && !last.minutes) Object.assign(last, { minutes: time, ...(cover && { cover }) });
    else
      read.cook.push({
        ...((own ?? last?.ovenC) !== undefined && { ovenC: own ?? last?.ovenC }),
        minutes: time,
        ...(cover && { cover }),
      });
  }
}

const OPEN =
  /\b(?:uncovered|unwrap(?:ped)?|naked|bare|open|without (?:the |its )?(?:lid|foil)|lid off|foil off|uncover)\b/i;

/** How it is covered for a stretch, by the words nearest behind its time, or before it. */
function coverOf(sentence: string, at: number, length: number): CookSaidStage["cover"] {
  const behind = sentence.slice(at + length).split(/[,;]|\bthen\b|\band (?=half|\d|a )/i)[0];
  const ahead =
    sentence
      .slice(0, at)
      .split(/[,;]|\bthen\b/i)
      .at(-1) ?? "";
  const whole = timesIn(sentence).length === 1 ? [sentence] : [];
  for (const words of [behind, ahead, ...whole]) {
    if (OPEN.test(words)) return "open";
    if (/\bfoil\b/i.test(words)) return "foil";
    if (/\b(?:cover(?:ed)?|with (?:the |its |a )?lid|lid on|under (?:a )?lid)\b/i.test(words))
      return "covered";
  }
  return undefined;
}

/** The label's setting is that of a stretch without one; another than the steps' is a disagreement. */
export function againstLabel(read: ReadMethod, meta: SaidHeat): void {
  const first = read.cook.find((s) => s.ovenC !== undefined);
  if (!first) {
    if (read.cook.length === 0) read.cook.push({ ovenC: meta.celsius });
    for (const stage of read.cook) stage.ovenC ??= meta.celsius;
    read.ovens.unshift(meta);
  } else if (
    first.ovenC !== undefined &&
    Math.abs(first.ovenC - meta.celsius) > (/\bfan\b/i.test(meta.sentence) ? FAN_APART_C : 9)
  ) {
    const [other] = read.ovens;
    read.ovenConflict ??= [meta, other ?? meta];
  }
}
/** A fan oven is set so much lower, °C: that far apart they may mean one heat. */
const FAN_APART_C = 22;
