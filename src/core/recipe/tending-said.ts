import type { CookSaidStage, SaidTending } from "./method";
import { timesIn } from "./times";

/* Turning and basting while it cooks. An oven is turned up, a cake is turned out: the food is meant here. */

const TURN = String.raw`(?:turn|flip)(?:s|ed|ing)?\b(?!\s+(?:(?:the|your)\s+)?(?:oven|heat|grill|gas|up|down|out|off|on)\b)`;
const BASTE = String.raw`bast(?:e|es|ed|ing)\b`;
const EVERY = new RegExp(String.raw`\b(${TURN}|${BASTE})[^.;]{0,60}?\bevery\s+([^.;,]{1,24})`, "i");
const EVERY_FIRST = new RegExp(String.raw`\bevery\s+([^.;,]{1,24}),?[^.;]{0,30}?\b(${TURN}|${BASTE})`, "i");
const HALFWAY = new RegExp(
  String.raw`\b(${TURN}|${BASTE})[^.;]{0,40}?\b(?:half ?-?(?:way|time)|once)\b|\bhalf ?-?(?:way|time)\b[^.;]{0,40}?\b(${TURN}|${BASTE})`,
  "i",
);
const AFTER = new RegExp(
  String.raw`\b(${TURN})[^.;]{0,30}?\b(?:after|at)\s+(?:the\s+)?(?:first\s+)?([^.;,]{1,16})|\bafter\s+(?:the\s+)?(?:first\s+)?([^.;,]{1,16}),?\s+(${TURN})`,
  "i",
);
/** So near its half a single turn is one at the half, share of the stretch. *Practice*. */
const ABOUT_HALF = 0.15;

const actionOf = (word: string): SaidTending["action"] => (/^b/i.test(word) ? "baste" : "turn");

/** What a sentence says is done while a stretch of the cook goes on; undefined where it says nothing of it. */
export function tendingIn(sentence: string, stage: Pick<CookSaidStage, "minutes">): SaidTending | undefined {
  const every = EVERY.exec(sentence) ?? swapped(EVERY_FIRST.exec(sentence));
  if (every) {
    const [time] = timesIn(every[2]);
    if (time) return { action: actionOf(every[1]), everyMin: (time.low + time.high) / 2, text: every[0] };
  }
  const half = HALFWAY.exec(sentence);
  if (half) return halved(actionOf(half[1] ?? half[2]), half[0], stage);
  const after = AFTER.exec(sentence);
  const [time] = after ? timesIn(after[2] ?? after[3] ?? "") : [];
  if (!after || !time || !stage.minutes) return undefined;
  const share = (time.low + time.high) / (stage.minutes.low + stage.minutes.high);
  return Math.abs(share - 0.5) <= ABOUT_HALF + 1e-9 ? { action: "turn", text: after[0] } : undefined;
}

/** A turn at the half is a stage's own; a baste needs its minutes. */
function halved(
  action: SaidTending["action"],
  text: string,
  { minutes }: Pick<CookSaidStage, "minutes">,
): SaidTending | undefined {
  if (action === "turn") return { action, text };
  return minutes && { action, text, everyMin: (minutes.low + minutes.high) / 4 };
}

const swapped = (found: RegExpExecArray | null): string[] | null => found && [found[0], found[2], found[1]];
