"use client";

import { useId } from "react";
import { LENGTH_MM } from "@/core/quantity/units";
import { useAmerican } from "./measures";
import { trimZeros, useQuantity, type QuantityEntry } from "./use-quantity";

/** What a nudge moves where it is told in eighths of inches, whole degrees, and fives on an oven's dial: mm and °C. */
const AMERICAN_STEP: Record<string, (shown: number) => number> = {
  in: () => LENGTH_MM.in / 8,
  "°F": (celsius) => (celsius < DIAL_FROM_C ? 1 : 5) / 1.8,
};
const DIAL_FROM_C = 100.5;

interface Props extends QuantityEntry {
  unit: string;
  digits?: number;
  /** A refusal that belongs to this field but comes from the sums. */
  refusal?: string | undefined;
  hint?: React.ReactNode;
  /** For a field that has its name elsewhere. */
  hideLabel?: boolean;
  /** The rest of the name, for those who do not see which row it stands in. */
  unseen?: string | undefined;
}

/**
 * A number with its unit, typed as a cook would: "4 lb 6 oz", "1½", "3,5". What does not read stays in the field with
 * the reason beneath; the last good figure stands meanwhile. An American kitchen reads °F and inches.
 */
export function QuantityField(props: Props) {
  const { value, unit, shownUnit = 1, digits = 0, unseen = "" } = props;
  const label = props.label + unseen;
  const id = useId();
  const metric = trimZeros((value / shownUnit).toFixed(digits));
  const american = useAmerican(value / shownUnit, unit);
  const [, figure, of] = (american && /^(.+) (\S+)$/.exec(american)) || [];
  const stepOf = of === undefined ? undefined : AMERICAN_STEP[of];
  const step = stepOf ? stepOf(value / shownUnit) / shownUnit : props.step;
  const { typed, problem, take, nudge, leave } = useQuantity({ ...props, label, bareUnit: of, step });

  const message = problem ?? props.refusal;
  return (
    <div>
      <div className="field-row">
        <label htmlFor={id} className={props.hideLabel ? "sr-only" : undefined}>
          {props.label}
          {unseen && <span className="sr-only">{unseen}</span>}
        </label>
        <span className="flex items-baseline gap-1">
          <input
            id={id}
            className="entry figure w-24 text-lg"
            inputMode="text"
            autoComplete="off"
            value={typed ?? figure ?? metric}
            aria-invalid={message ? true : undefined}
            aria-describedby={message ? `${id}-problem` : undefined}
            onChange={(event) => take(event.target.value)}
            onKeyDown={nudge}
            onBlur={leave}
          />
          <span className="w-7 text-left text-sm text-quiet">{of ?? unit}</span>
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
