"use client";

import { useId } from "react";
import { useQuantity, type QuantityEntry } from "@/ui/use-quantity";

interface Props extends QuantityEntry {
  /** The figure with its unit as the sentence has it. */
  text: string;
  onProblem: (label: string, problem: string | null) => void;
  /** A refusal that belongs to this figure but comes from the sums. */
  refusal?: string | undefined;
}

/** A figure of the sentence, changed in place. */
export function SentenceQuantity({ text, onProblem, refusal, ...entry }: Props) {
  const id = useId();
  const { typed, problem, take, nudge, leave } = useQuantity({
    ...entry,
    onValidity: (label, next) => {
      entry.onValidity?.(label, next);
      onProblem(label, next);
    },
  });
  const shown = typed ?? text;
  return (
    <input
      id={id}
      aria-label={entry.label}
      aria-invalid={(problem ?? refusal) ? true : undefined}
      className="entry-in-place"
      autoComplete="off"
      size={Math.max(2, shown.length)}
      value={shown}
      onFocus={(event) => event.target.select()}
      onChange={(event) => take(event.target.value)}
      onKeyDown={nudge}
      onBlur={leave}
    />
  );
}
