"use client";

import { useState } from "react";
import { fromLocalField } from "./format";
import { useMeasures } from "./measures";
import { readWhen, sayWhen } from "./when";
import * as words from "@/words/ui/sentence-when";

interface Props {
  label: string;
  atMs: number;
  nowMs: number;
  timeZone: string;
  /** Where "in six hours" counts from. */
  wordsFrom?: number;
  /** Takes it, or says why not. */
  onChange: (atMs: number) => string | null;
  onProblem: (label: string, problem: string | null) => void;
}

const STEP_MS = 15 * 60_000;
const UNREAD = words.itDoesNotReadAs;

/** A time of the sentence, changed in place: read when the field is left or Enter is pressed. */
export function SentenceWhen({ label, atMs, nowMs, timeZone, wordsFrom, onChange, onProblem }: Props) {
  const measures = useMeasures();
  const [typed, setTyped] = useState<string | null>(null);
  const [bad, setBad] = useState(false);
  const shown = typed ?? sayWhen(atMs, nowMs, timeZone, measures);

  const settle = (problem: string | null) => {
    setBad(problem !== null);
    onProblem(label, problem);
    if (problem === null) setTyped(null);
  };
  const read = async () => {
    if (typed === null) return;
    const at = fromLocalField(typed, timeZone) ?? (await readWhen(typed, nowMs, timeZone, wordsFrom));
    settle(at === undefined ? UNREAD : onChange(at));
  };
  return (
    <input
      aria-label={label}
      aria-invalid={bad || undefined}
      className="entry-in-place"
      autoComplete="off"
      size={Math.max(3, shown.length)}
      value={shown}
      onFocus={(event) => event.target.select()}
      onChange={(event) => setTyped(event.target.value)}
      onKeyDown={(event) => {
        if (event.key === "Enter") void read();
        if (event.key === "Escape") settle(null);
        const by = { ArrowUp: STEP_MS, ArrowDown: -STEP_MS }[event.key];
        if (by === undefined || typed !== null) return;
        event.preventDefault();
        settle(onChange(atMs + by * (event.shiftKey ? 4 : 1)));
      }}
      onBlur={() => void read()}
    />
  );
}
