"use client";

import { useId, useRef, useState } from "react";
import { useMeasures } from "./measures";
import { fromLocalField } from "./format";
import { loadReadWhen, sayDate, type ReadWhen } from "./when";
import { kitchenNow } from "./kitchen-time";
import * as words from "@/words/ui/when-field";

interface Props {
  label: string;
  atMs: number;
  timeZone: string;
  onChange: (atMs: number) => void;
  /** Something stands in the field that does not read as a time. */
  onValidity?: (unread: boolean) => void;
  large?: boolean;
}

const STEP_MS = 15 * 60_000;
const UNREAD = words.notATimeTypeSat;

/** A day and hour in the kitchen's own clock: typed as a cook says it, or moved by a quarter of an hour with a thumb. */
export function WhenField({ label, atMs, timeZone, onChange, onValidity, large = false }: Props) {
  const id = useId();
  const measures = useMeasures();
  const reader = useRef<ReadWhen | null>(null);
  const [typed, setTyped] = useState<string | null>(null);
  const [bad, setBad] = useState(false);
  const settle = (at: number | undefined) => {
    setBad(at === undefined);
    onValidity?.(at === undefined);
    if (at === undefined) return;
    setTyped(null);
    if (at !== atMs) onChange(at);
  };
  const read = () => {
    if (typed === null) return;
    const plain = fromLocalField(typed, timeZone);
    if (plain !== undefined) return settle(plain);
    // Read at once where the library is there: whoever leaves the field by tapping a button means what was typed.
    if (reader.current) return settle(reader.current(typed, kitchenNow(), timeZone));
    void loadReadWhen().then((found) => settle(found(typed, kitchenNow(), timeZone)));
  };
  const step = (text: string, by: number) => (
    <button
      type="button"
      className={`btn min-h-12 ${large ? "flex-1" : "btn-square"}`}
      aria-label={`${label}: ${text}`}
      onClick={() => settle(atMs + by)}
    >
      {by < 0 ? "−15" : "+15"}
      {large && " min"}
    </button>
  );
  return (
    <div>
      <label htmlFor={id} className="text-quiet">
        {label}
      </label>
      {/* Large, its whole date has a row of its own. */}
      <div className={`flex gap-1 ${large ? "flex-wrap" : ""}`}>
        {step(words.of15MinutesEarlier, -STEP_MS)}
        <input
          id={id}
          className={`input figure min-h-12 min-w-0 flex-1 ${large ? "order-first basis-full px-2 text-lg" : ""}`}
          autoComplete="off"
          aria-invalid={bad || undefined}
          value={typed ?? sayDate(atMs, timeZone, measures)}
          onFocus={(event) => {
            event.target.select();
            void loadReadWhen().then((found) => {
              reader.current = found;
            });
          }}
          onChange={(event) => setTyped(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === "Enter") read();
            if (event.key === "Escape") {
              setTyped(null);
              setBad(false);
              onValidity?.(false);
            }
          }}
          onBlur={read}
        />
        {step(words.of15MinutesLater, STEP_MS)}
      </div>
      {bad && (
        <p role="alert" className="text-sm text-error">
          {UNREAD}
        </p>
      )}
    </div>
  );
}
