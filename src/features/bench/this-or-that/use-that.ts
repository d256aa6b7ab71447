import { useMemo, useState, useEffect } from "react";
import type { Refused, WorkedOut } from "@/core/bench/worked";
import type { SoakCurve } from "@/core/formula/change/compare";
import type { Formulation } from "@/core/formulation";
import type { KitchenLimits } from "@/core/safety/limits";
import { useAnswer } from "@/ui/what-if/use-answer";
import { whatIfWorker } from "@/ui/what-if/workers";
import type { Answered } from "@/workers/sums.worker";
import * as words from "@/words/bench/this-or-that/use-that";

/** The other draft worked out, beside what is on the Bench; the last answer stands until the next is there. */
export function useThat(
  input: Formulation,
  rateFactor: number,
  kitchen: KitchenLimits,
): WorkedOut | Refused | undefined {
  const [held, setHeld] = useState<WorkedOut | Refused>();
  const asked = useMemo(() => ({ input, rateFactor, kitchen }), [input, rateFactor, kitchen]);
  useEffect(() => {
    let stale = false;
    void whatIfWorker()
      .workOut(asked, undefined)
      .then((answer: Answered) => {
        if (!stale && isWhole(answer)) setHeld(answer);
      });
    return () => {
      stale = true;
    };
  }, [asked]);
  return held;
}

/** Asked without a sheet at hand, the answer brings its own. */
const isWhole = (answer: Answered): answer is WorkedOut | Refused => !answer.ok || answer.sheet !== undefined;

export interface NamedCurve {
  name: string;
  curve: SoakCurve;
}

/** Both over one another: salt by depth when taken out, and by the hour. */
export function useCurves(one: WorkedOut, other: WorkedOut): NamedCurve[] | undefined {
  const sides = [one, other].map(({ input, sheet }) => ({ input, factor: sheet.load.rateFactor }));
  const asked = useAnswer(JSON.stringify(sides), () =>
    Promise.all(sides.map(({ input, factor }) => whatIfWorker().curve(input, { factor }))),
  );
  if (asked.status !== "done") return undefined;
  return asked.value.flatMap((curve, i) => (curve ? [{ name: words.thisOrThat(i), curve }] : []));
}
