"use client";

import { useState } from "react";
import { choiceOf } from "@/core/formula/choice";
import type { Formulation } from "@/core/formula/model";
import { solveThird, type Third, type ThirdAnswer } from "@/core/ways/third";
import { duration, percent } from "@/ui/format";

type Edit = (f: Formulation) => Formulation;

export interface ThirdHeld {
  follower: Third;
  /** What stands in the way where none can follow. */
  problem: string | null;
  /** The cook sets one of the three, wherever on the Bench: the one left alone longest follows. */
  set: (which: Third, edit: Edit) => void;
}

/** Latest last: the first of them follows the other two. What is wanted on the plate is the last to give way. */
const AT_FIRST: Third[] = ["strength", "hours", "salt"];

/**
 * Two figures are the cook's, the third is solved at once: whichever was left alone longest. What was saved stays as it is
 * until one of them is changed.
 */
export function useThird(value: Formulation, change: (edit: Edit) => void, rateFactor: number): ThirdHeld {
  const choice = choiceOf(value.preparation);
  const [held, setHeld] = useState({ choice, order: AT_FIRST, problem: null as string | null });
  // Another preparation begins anew.
  const { order, problem } = held.choice === choice ? held : { order: AT_FIRST, problem: null };
  const follower = order[0];

  const set = (which: Third, edit: Edit) => {
    const next = [...order.filter((t) => t !== which), which];
    const edited = edit(value);
    const answer = followed(edited, next[0], rateFactor);
    setHeld({ choice: choiceOf(edited.preparation), order: next, problem: sayNone(answer, edited, next[0]) });
    change(() => (answer.ok ? answer.input : edited));
  };
  return { follower, problem, set };
}

/** An equilibrium brine and dry salt follow what is wanted by themselves: there is nothing to seek. */
function followed(input: Formulation, which: Third, rateFactor: number): ThirdAnswer {
  const choice = choiceOf(input.preparation);
  // A rub that wants no salt seeks none.
  const byItself =
    choice === "equilibrium" ||
    choice === "dry" ||
    choice === "crust" ||
    input.preparation.targetFraction <= 0;
  if (which === "strength" && byItself) return { ok: true, input };
  if (which === "hours" && choice === "equilibrium") return { ok: true, input };
  return solveThird(input, which, { rateFactor });
}

function sayNone(answer: ThirdAnswer, input: Formulation, which: Third): string | null {
  if (answer.ok) return null;
  const wanted = percent(input.preparation.targetFraction, 1);
  const nearest = answer.nearest && percent(answer.nearest.fraction, 1);
  switch (answer.why) {
    case "too_slow":
      return `In ${duration(input.pullH)} nothing that dissolves brings ${wanted} %: at the strongest it is ${nearest} %. More time, thinner pieces or slashes do.`;
    case "too_much_already":
      return `Even at its weakest it brings ${nearest} % in ${duration(input.pullH)}. Less time does, or a gentle brine.`;
    case "not_within":
      return `It does not reach ${wanted} % within four days: by then it is ${nearest} %.`;
    default:
      return which === "strength" ? "As it stands no strength can be worked out." : null;
  }
}
