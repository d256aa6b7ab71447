"use client";

import { useRef, useState } from "react";
import { followsByItself, withThird } from "@/core/bench/follow";
import type { Formulation } from "@/core/formulation";
import { choiceOf, type PreparationChoice } from "@/core/preparations";
import type { Third, ThirdAnswer } from "@/core/ways/third";
import { duration, percent } from "@/ui/format";
import { askQuickly } from "@/ui/what-if/workers";
import * as words from "@/words/bench/three/use-third";

type Edit = (f: Formulation) => Formulation;

export interface ThirdHeld {
  follower: Third;
  /** What stands in the way where none can follow. */
  problem: string | null;
  /** What the figures tell of: while the third is sought, what stood before, so that no half of a change is seen. */
  seen: Formulation;
  /** The cook sets one of the three, wherever on the Bench: the one left alone longest follows. */
  set: (which: Third, edit: Edit) => Promise<void>;
}

/** Latest last: the first of them follows the other two. What is wanted on the plate is the last to give way. */
type Order = [Third, Third, Third];
const AT_FIRST: Order = ["strength", "hours", "salt"];

interface Held {
  choice: PreparationChoice;
  order: Order;
  problem: string | null;
}

/**
 * Two figures are the cook's, the third is solved at once: whichever was left alone longest. What was saved stays as it is
 * until one of them is changed.
 */
export function useThird(value: Formulation, change: (edit: Edit) => void, rateFactor: number): ThirdHeld {
  const choice = choiceOf(value.preparation);
  const [held, setHeld] = useState<Held>({ choice, order: AT_FIRST, problem: null });
  const [before, setBefore] = useState<Formulation | null>(null);
  const newest = useRef(0);
  // Another preparation begins anew.
  const { order, problem } = held.choice === choice ? held : { order: AT_FIRST, problem: null };
  const follower = order[0];

  const set = async (which: Third, edit: Edit) => {
    const mine = ++newest.current;
    const next = changedLast(order, which);
    const edited = edit(value);
    const settled = { choice: choiceOf(edited.preparation), order: next };
    change(edit);
    if (followsByItself(edited, next[0])) {
      setBefore(null);
      setHeld({ ...settled, problem: null });
      return;
    }
    setBefore((now) => now ?? value);
    setHeld({ ...settled, problem });
    const answer = await askQuickly<ThirdAnswer>(
      async (sums) => await sums.third(edited, next[0], rateFactor),
    ).catch((): ThirdAnswer => ({ ok: false, why: "refused" }));
    if (mine !== newest.current) return;
    setBefore(null);
    setHeld({ ...settled, problem: sayNone(answer, edited, next[0]) });
    if (answer.ok) change((f) => withThird(f, answer.input, next[0]));
  };
  return { follower, problem, seen: before ?? value, set };
}

/** Whichever was left alone longest comes first. */
function changedLast([first, second, third]: Order, which: Third): Order {
  if (which === first) return [second, third, first];
  if (which === second) return [first, third, second];
  return [first, second, third];
}

function sayNone(answer: ThirdAnswer, input: Formulation, which: Third): string | null {
  if (answer.ok) return null;
  const wanted = percent(input.preparation.targetFraction, 1);
  const nearest = answer.nearest && percent(answer.nearest.fraction, 1);
  switch (answer.why) {
    case "too_slow":
      return words.inNothingThatDissolvesBrings({ pullH: duration(input.pullH), wanted, nearest });
    case "too_much_already":
      return words.evenAtItsWeakestIt(nearest, duration(input.pullH));
    case "not_within":
      return words.itDoesNotReachWithin(wanted, nearest);
    default:
      return which === "strength" ? words.asItStandsNoStrength : null;
  }
}
