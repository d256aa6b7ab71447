import type { Liked } from "@/core/taste/liking";
import { percent } from "@/ui/format";

const FROM = 0.004;
const TO = 0.022;
const place = (fraction: number) =>
  `${(100 * (Math.min(TO, Math.max(FROM, fraction)) - FROM)) / (TO - FROM)}%`;

const MARKS = [0.006, 0.01, 0.014, 0.018];

interface Row {
  name: string;
  note: string;
  liked: Liked;
  strong?: boolean;
}

/** Liked salt of each eater and of the table on one scale: the figure, and the stretch it lies in two times in three. */
export function LikedScale({ rows }: { rows: readonly Row[] }) {
  return (
    <div>
      <ul>
        {rows.map(({ name, note, liked, strong }) => (
          <li
            key={name}
            className="grid grid-cols-[6.5rem_minmax(0,1fr)_5rem] items-center gap-3 border-b border-line py-2 sm:grid-cols-[12rem_minmax(0,1fr)_6rem]"
          >
            <span className="leading-tight">
              <span className={strong ? "text-lg font-bold" : "font-semibold"}>{name}</span>
              <span className="block text-sm text-quiet">{note}</span>
            </span>
            <span className="relative block h-8" aria-hidden>
              {MARKS.map((mark) => (
                <span
                  key={mark}
                  className="absolute inset-y-0 border-l border-line"
                  style={{ left: place(mark) }}
                />
              ))}
              <span
                className={`absolute top-1/2 h-2 -translate-y-1/2 ${strong ? "bg-primary" : "bg-neutral"}`}
                style={{ left: place(liked.low), right: `calc(100% - ${place(liked.high)})` }}
              />
              <span
                className={`absolute top-1/2 h-5 w-1.5 -translate-1/2 ${strong ? "bg-primary" : "bg-neutral"}`}
                style={{ left: place(liked.fraction) }}
              />
            </span>
            <span className="text-right leading-tight">
              <span className="figure text-xl">{percent(liked.fraction)}</span> %
              <span className="block text-sm text-quiet">
                {percent(liked.low, 1)} to {percent(liked.high, 1)}
              </span>
            </span>
          </li>
        ))}
      </ul>
      <div
        className="grid grid-cols-[6.5rem_minmax(0,1fr)_5rem] gap-3 sm:grid-cols-[12rem_minmax(0,1fr)_6rem]"
        aria-hidden
      >
        <span />
        <span className="relative block h-6 text-sm text-quiet">
          {MARKS.map((mark) => (
            <span key={mark} className="absolute -translate-x-1/2" style={{ left: place(mark) }}>
              {percent(mark, 1)}
            </span>
          ))}
        </span>
        <span className="text-right text-sm text-quiet">% salt</span>
      </div>
    </div>
  );
}
