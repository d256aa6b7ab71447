"use client";

import { worked } from "#sums";
import { use, useEffect, useMemo, useState } from "react";
import type { Rate } from "@/contracts/views";
import type { Asked, Refused, WorkedOut } from "@/core/bench/worked";
import type { Poured } from "@/core/formula/weigh/as-poured";
import type { Formulation } from "@/core/formulation";
import type { KitchenLimits } from "@/core/safety/limits";

interface Held {
  asked: Asked;
  answer: WorkedOut | Refused;
}

/**
 * A formulation worked out: by the server for the page as it comes, by the worker once it is alive. While a newer answer is
 * on its way the last one stands, all of it, with the formulation it was worked out from; `late` says so.
 */
export function useWorked(
  input: Formulation,
  rate: Pick<Rate, "factor"> | undefined,
  kitchen: KitchenLimits,
  poured?: Poured,
): { answer: WorkedOut | Refused; late: boolean } {
  const rateFactor = rate?.factor ?? 1;
  const asked = useMemo<Asked>(
    () => ({ input, rateFactor, kitchen, ...(poured && { poured }) }),
    [input, rateFactor, kitchen, poured],
  );
  // The page waits for its first answer as it was sent; later ones come to a page that goes on.
  const [first] = useState(asked);
  const [held, setHeld] = useState<Held | null>(null);
  const found = held ? held.answer : worked(first);
  const answer = found instanceof Promise ? use(found) : found;
  useEffect(() => {
    const typedOver = new AbortController();
    void Promise.resolve(worked(asked, typedOver.signal)).then(
      (next) => !typedOver.signal.aborted && setHeld({ asked, answer: next }),
      (fault: unknown) =>
        setHeld(() => {
          throw fault;
        }),
    );
    return () => typedOver.abort();
  }, [asked]);
  return { answer, late: (held?.asked ?? first) !== asked };
}
