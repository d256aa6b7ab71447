import type { Answer } from "@/core/schedule/answer";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { duration } from "@/ui/format";

/** How a sitting stands, in a line: whether it fits, who gets up, what waits, and the oven's heats. */
export function sayAll(answer: Answer): string {
  switch (answer.status) {
    case "clash":
      return "It does not fit as it is.";
    case "broken":
      return `The sums of ${answer.dish} no longer work out.`;
    case "planned":
      return [
        answer.late ? `Late by ${duration(answer.late.byMin / 60)}.` : "Everything fits.",
        sayNights(answer),
        answer.parts.unloved > 0 && sayUnloved(answer.parts.unloved),
        answer.parts.hotWait > 0
          ? `Hot food waits ${duration(Math.max(1, Math.round(answer.parts.hotWait)) / 60)} in all.`
          : "Hot food comes straight to the table.",
        sayHeats(answer.tasks),
      ]
        .filter(Boolean)
        .join(" ");
  }
}

/** Who gets up, and how often. */
function sayNights({ tasks, nights }: Extract<Answer, { status: "planned" }>): string {
  const up = tasks.filter((t) => t.handsOn && nights.some((n) => t.startMs < n.toMs && t.endMs > n.fromMs));
  if (up.length === 0) return "Nobody gets up in the night.";
  return up.length === 1
    ? "Somebody gets up once in the night."
    : `Somebody gets up for ${up.length} acts in the night.`;
}

const sayUnloved = (acts: number): string =>
  acts === 1 ? "One act is early or late in the day." : `${acts} acts are early or late in the day.`;

/** The heats of the oven one after the other, where there is more than one. */
function sayHeats(tasks: readonly PlannedTask[]): string | undefined {
  const heats = tasks
    .flatMap((t) => t.uses.flatMap((u) => (u.ovenC === undefined || u.amount === 0 ? [] : [u.ovenC])))
    .filter((heat, i, all) => all.indexOf(heat) === i);
  if (heats.length < 2) return undefined;
  return `Heats: ${heats.map((heat) => `${heat} °C`).join(", then ")}.`;
}
