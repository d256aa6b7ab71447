"use client";

import { useId } from "react";

interface Option<T extends string> {
  value: T;
  label: string;
  /** What the choice means, in a few words. */
  note?: string;
}

interface Props<T extends string> {
  label: string;
  value: T;
  options: readonly Option<T>[];
  onChange: (value: T) => void;
}

/** A few choices side by side, each a large target with a word on what it means. */
export function Choice<T extends string>({
  label,
  value,
  options,
  onChange,
  columns,
}: Props<T> & { columns?: 2 }) {
  const name = useId();
  return (
    <fieldset className="py-2">
      <legend className="sr-only">{label}</legend>
      <div
        className={`border border-base-content ${columns ? "grid grid-cols-2 [&>*:nth-child(even)]:border-r-0 [&>*:nth-child(n+3)]:border-t" : "flex"}`}
      >
        {options.map((option) => {
          const chosen = option.value === value;
          return (
            <label
              key={option.value}
              className={`flex min-h-11 flex-1 cursor-pointer flex-col justify-center border-r border-base-content px-2 py-1 last:border-r-0 has-focus-visible:outline-3 has-focus-visible:outline-primary ${
                chosen ? "bg-neutral text-neutral-content" : "bg-base-100"
              }`}
            >
              <input
                type="radio"
                name={name}
                className="sr-only"
                checked={chosen}
                onChange={() => onChange(option.value)}
              />
              <span className="leading-tight font-semibold">{option.label}</span>
              {option.note && <span className="text-sm leading-tight">{option.note}</span>}
            </label>
          );
        })}
      </div>
    </fieldset>
  );
}

/** One of many, in a row with its label. */
export function Select<T extends string>({ label, value, options, onChange }: Props<T>) {
  const id = useId();
  return (
    <div className="field-row">
      <label htmlFor={id} className="max-w-3/5 shrink-0">
        {label}
      </label>
      <select
        id={id}
        className="entry min-w-0 cursor-pointer font-semibold"
        value={value}
        onChange={(event) => onChange(event.target.value as T)}
      >
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
    </div>
  );
}

/** Yes or no, in a row with its label. */
export function Toggle(props: { label: string; value: boolean; onChange: (value: boolean) => void }) {
  const id = useId();
  return (
    <div className="field-row">
      <label htmlFor={id} className="flex-1 cursor-pointer py-2">
        {props.label}
      </label>
      <input
        id={id}
        type="checkbox"
        className="toggle"
        checked={props.value}
        onChange={(event) => props.onChange(event.target.checked)}
      />
    </div>
  );
}
