import type { Answer } from "@/core/schedule/answer";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { duration } from "@/ui/format";
import * as words from "@/words/sitting/say-fit";

/** How a sitting stands, in a line: whether it fits, who gets up, what waits, and the oven's heats. */
export function sayAll(answer: Answer): string {
  switch (answer.status) {
    case "clash":
      return words.itDoesNotFitAs;
    case "broken":
      return words.theSumsOfNoLonger(answer.dish);
    case "planned":
      return [
        answer.late ? words.lateBy(duration(answer.late.byMin / 60)) : words.everythingFits,
        sayNights(answer),
        answer.parts.unloved > 0 && sayUnloved(answer.parts.unloved),
        words.hotFoodWaitsInAll(
          answer.parts.hotWait,
          duration(Math.max(1, Math.round(answer.parts.hotWait)) / 60),
        ),
        sayHeats(answer.tasks),
      ]
        .filter(Boolean)
        .join(" ");
  }
}

/** Who gets up, and how often. */
function sayNights({ tasks, nights }: Extract<Answer, { status: "planned" }>): string {
  const up = tasks.filter((t) => t.handsOn && nights.some((n) => t.startMs < n.toMs && t.endMs > n.fromMs));
  if (up.length === 0) return words.nobodyGetsUpInThe;
  return words.somebodyGetsUpOnceIn(up.length);
}

const sayUnloved = (acts: number): string => words.oneActIsEarlyOr(acts);

/** The heats of the oven one after the other, where there is more than one. */
function sayHeats(tasks: readonly PlannedTask[]): string | undefined {
  const heats = tasks
    .flatMap((t) => t.uses.flatMap((u) => (u.ovenC === undefined || u.amount === 0 ? [] : [u.ovenC])))
    .filter((heat, i, all) => all.indexOf(heat) === i);
  if (heats.length < 2) return undefined;
  return words.heats(heats.map((heat) => `${heat} °C`).join(words.then));
}
