"use client";

import { useId, useState, type KeyboardEvent } from "react";
import { parseQuantity, type QuantityRule } from "@/core/quantity/parse";
import { useAmerican, useMeasures } from "./measures";
import { sayQuantityError } from "./say";

interface Props {
  label: string;
  /** In the unit shown. */
  value: number;
  unit: string;
  rule: QuantityRule;
  /** Base units of the rule in one shown unit: 0.01 when the rule counts fractions and the field percent. */
  shownUnit?: number;
  /** Base units of the rule in a figure typed without a unit, where the value is not in base units. */
  bareFactor?: number;
  digits?: number;
  step?: number;
  onChange: (value: number) => void;
  /** Told when the text stops or starts to read, so that saving can wait. */
  onValidity?: (label: string, problem: string | null) => void;
  /** A refusal that belongs to this field but comes from the sums. */
  refusal?: string;
  hint?: React.ReactNode;
  /** For a field that has its name elsewhere. */
  hideLabel?: boolean;
  /** The rest of the name, for those who do not see which row it stands in. */
  unseen?: string;
}

/**
 * A number with its unit, typed as a cook would: "4 lb 6 oz", "1½", "3,5". What does not read stays in the field with
 * the reason beneath; the last good figure stands meanwhile.
 */
export function QuantityField(props: Props) {
  const { value, unit, rule, shownUnit = 1, digits = 0, step = 1, unseen = "" } = props;
  const label = props.label + unseen;
  const id = useId();
  const shown = trimZeros((value / shownUnit).toFixed(digits));
  const american = useAmerican(value / shownUnit, unit);
  const measures = useMeasures();
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);

  const settle = (next: string | null) => {
    setProblem(next);
    props.onValidity?.(label, next);
  };

  const take = (text: string) => {
    setTyped(text);
    const read = parseQuantity(text, { measures, ...rule }, props.bareFactor ?? shownUnit);
    settle(read.ok ? null : sayQuantityError(read.error, rule));
    if (read.ok) props.onChange(read.value);
  };

  const nudge = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key !== "ArrowUp" && event.key !== "ArrowDown") return;
    event.preventDefault();
    const base = props.bareFactor ?? 1;
    const by = step * (event.shiftKey ? 10 : 1) * (event.key === "ArrowUp" ? 1 : -1) * shownUnit * base;
    const next = Math.min(rule.max, Math.max(rule.min, value * base + by));
    setTyped(null);
    settle(null);
    props.onChange(Number(next.toPrecision(12)));
  };

  const message = problem ?? props.refusal;
  return (
    <div>
      <div className="field-row">
        <label htmlFor={id} className={props.hideLabel ? "sr-only" : undefined}>
          {props.label}
          {unseen && <span className="sr-only">{unseen}</span>}
        </label>
        <span className="flex items-baseline gap-1">
          {american && <span className="figure text-sm text-quiet">{american}</span>}
          <input
            id={id}
            className="entry figure w-24 text-lg"
            inputMode="text"
            autoComplete="off"
            value={typed ?? shown}
            aria-invalid={message ? true : undefined}
            aria-describedby={message ? `${id}-problem` : undefined}
            onChange={(event) => take(event.target.value)}
            onKeyDown={nudge}
            onBlur={() => problem === null && setTyped(null)}
          />
          <span className="w-7 text-left text-sm text-quiet">{unit}</span>
        </span>
      </div>
      {message && (
        <p id={`${id}-problem`} role="alert" className="py-1 text-sm text-error">
          {message}
        </p>
      )}
      {props.hint}
    </div>
  );
}

const trimZeros = (text: string) => (text.includes(".") ? text.replace(/\.?0+$/, "") : text);
