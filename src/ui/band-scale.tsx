import type { ReactNode } from "react";

export interface BandRow {
  key: string;
  name: ReactNode;
  note?: ReactNode;
  low: number;
  likely: number;
  high: number;
  /** The figure in words at the row's end, and what it lies between. */
  figure: ReactNode;
  between?: string;
  /** What is learnt stands out; what is left out pales; what lies far off is marked. */
  tone?: "strong" | "far" | "out";
}

interface Props {
  from: number;
  to: number;
  marks: readonly { at: number; label: string }[];
  /** What the scale is of. */
  unit: string;
  /** A line all rows are seen against: the table's figure. */
  line?: number;
  rows: readonly BandRow[];
  /** Ratios lie as far apart as they are. */
  ratios?: boolean;
}

const COLOUR = { plain: "bg-neutral", strong: "bg-primary", far: "bg-error", out: "bg-line" } as const;
const GRID =
  "grid grid-cols-[7.5rem_minmax(0,1fr)_5rem] gap-3 sm:grid-cols-[12rem_minmax(0,1fr)_6rem] items-center";

/** Figures on one scale: each with the stretch it lies in two times in three. */
export function BandScale({ from, to, marks, unit, line, rows, ratios }: Props) {
  const on = (x: number) => (ratios ? Math.log(x) : x);
  const place = (x: number) =>
    `${(100 * (on(Math.min(to, Math.max(from, x))) - on(from))) / (on(to) - on(from))}%`;
  return (
    <div>
      <ul>
        {rows.map(({ key, name, note, low, likely, high, figure, between, tone }) => (
          <li key={key} className={`${GRID} border-b border-line py-2`}>
            <span className="leading-tight">
              <span className={tone === "strong" ? "text-lg font-bold" : "font-semibold"}>{name}</span>
              {note && <span className="block text-sm text-quiet">{note}</span>}
            </span>
            <span className="relative block h-8" aria-hidden>
              {marks.map(({ at }) => (
                <span
                  key={at}
                  className={`absolute inset-y-0 ${at === line ? "border-l-2 border-base-content" : "border-l border-line"}`}
                  style={{ left: place(at) }}
                />
              ))}
              <span
                className={`absolute top-1/2 h-2 -translate-y-1/2 ${COLOUR[tone ?? "plain"]}`}
                style={{ left: place(low), right: `calc(100% - ${place(high)})` }}
              />
              <span
                className={`absolute top-1/2 h-5 w-1.5 -translate-1/2 ${COLOUR[tone ?? "plain"]}`}
                style={{ left: place(likely) }}
              />
            </span>
            <span className="text-right leading-tight">
              <span className="figure text-xl">{figure}</span>
              {between && <span className="block text-sm text-quiet">{between}</span>}
            </span>
          </li>
        ))}
      </ul>
      <div className={GRID} aria-hidden>
        <span />
        <span className="relative block h-6 text-sm text-quiet">
          {marks.map(({ at, label }) => (
            <span
              key={at}
              // On a phone there is room for the line's own name alone.
              className={`absolute -translate-x-1/2 whitespace-nowrap ${line === undefined || at === line ? "" : "hidden sm:block"}`}
              style={{ left: place(at) }}
            >
              {label}
            </span>
          ))}
        </span>
        <span className="text-right text-sm text-quiet">{unit}</span>
      </div>
    </div>
  );
}
