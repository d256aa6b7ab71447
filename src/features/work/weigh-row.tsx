import { useEffect, useRef, useState } from "react";
import { RANGES } from "@/core/quantity/ranges";
import type { SheetLine } from "@/core/formula/weigh/lines";
import { bandOf, judgeWeight, offBy } from "@/core/program/weigh-in";
import { capital, grams } from "@/ui/format";
import { QuantityField } from "@/ui/quantity-field";
import type { Back } from "./refused";
import * as words from "@/words/work/weigh-row";

const TONE = { under: "text-warning", right: "text-success", over: "text-error" } as const;
const FILL = { under: "bg-primary", right: "bg-success", over: "bg-error" } as const;
/** A weight is settled when no key was pressed so long. */
const SETTLED_MS = 800;
/** The bar runs on past its mark, so that over is seen. */
const BAR = 1.3;

interface Props {
  line: SheetLine;
  tareG: number;
  net: number | undefined;
  /** What was entered last and not taken, with the reason: it stands in the field. */
  refused: Back<number> | undefined;
  /** What the scale shows of it while it is poured, the bowl taken off. */
  live: { grams: number; steady: boolean } | undefined;
  onWeigh: (lineId: string, grams: number) => void;
  onPour: (() => void) | undefined;
}

/** One line against the scale; water and what else is too much for one bowl goes in jug by jug. */
export function WeighRow({ line, tareG, net, refused, live, onWeigh, onPour }: Props) {
  /** In already by earlier jugs, g. */
  const [before, setBefore] = useState(0);
  const entry = useSettled(refused?.value ?? net, (value) => onWeigh(line.id, value));
  const { lowG, highG } = bandOf(line);
  const seen = live === undefined ? entry.value : before + live.grams;
  const judged = seen === undefined ? undefined : judgeWeight(line, seen);
  const share = seen === undefined ? 0 : Math.min(BAR, Math.max(0, seen) / Math.max(0.01, line.massG)) / BAR;
  const inBowl = entry.value === undefined ? undefined : Math.max(0, entry.value - before);
  return (
    <li className="border-b border-line py-2" data-weigh={line.id}>
      <div className="flex items-baseline justify-between gap-3">
        <span className="text-lg font-semibold">{capital(line.name)}</span>
        <span>
          <span className="figure text-[1.75rem]">{grams(line.massG)}</span> g{" "}
          <span className="text-sm text-quiet">{words.to(grams(lowG), grams(highG))}</span>
        </span>
      </div>
      <div className="relative my-1 h-3 border border-[var(--iron)]" aria-hidden>
        <span
          className={`absolute inset-y-0 left-0 ${judged ? FILL[judged] : ""}`}
          style={{ width: `${share * 100}%` }}
        />
        <span className="absolute -inset-y-1 w-0.5 bg-[var(--iron)]" style={{ left: `${100 / BAR}%` }} />
      </div>
      <div className="flex flex-wrap items-center justify-between gap-3">
        <QuantityField
          key={before}
          label={words.scaleReadsBowlAndAll(tareG)}
          unseen={`, ${line.name}`}
          unit="g"
          value={inBowl === undefined ? 0 : inBowl + (inBowl > 0 ? tareG : 0)}
          rule={{ ...RANGES.lineG, max: 500_000, min: inBowl ? tareG : 0 }}
          digits={1}
          refusal={refused?.detail}
          onChange={(gross) => entry.enter(before + Math.max(0, gross - tareG))}
          onLeave={entry.settle}
        />
        {judged && seen !== undefined && (
          <strong className={`text-xl ${TONE[judged]}`} role="status">
            {sayOff(line, seen)}
          </strong>
        )}
        {line.role === "water" && entry.value !== undefined && judged === "under" && (
          <button
            type="button"
            className="btn min-h-11"
            onClick={() => {
              entry.settle();
              setBefore(entry.value ?? 0);
            }}
          >
            {words.anotherJugGAreIn(grams(entry.value))}
          </button>
        )}
        {onPour && !live && (
          <button type="button" className="btn min-h-11" onClick={onPour} aria-label={words.pour(line.name)}>
            {words.pourIt}
          </button>
        )}
        {live && (
          <button
            type="button"
            className="btn btn-primary min-h-14 text-xl"
            disabled={!live.steady}
            onClick={() => onWeigh(line.id, before + Math.max(0, live.grams))}
          >
            {words.take(<span className="figure">{grams(Math.max(0, live.grams))}</span>)} g
          </button>
        )}
      </div>
    </li>
  );
}

function sayOff(line: SheetLine, seen: number): string {
  const off = offBy(line, seen);
  if (off === 0) return words.right;
  return words.gOver({ off, over: grams(off), toGo: grams(-off) });
}

/** A weight as it is typed, told once it is settled: no key for a moment, or the field left. */
function useSettled(known: number | undefined, tell: (value: number) => void) {
  const [typed, setTyped] = useState<number | undefined>(undefined);
  const tellNow = useRef(tell);
  useEffect(() => {
    tellNow.current = tell;
  });
  useEffect(() => {
    if (typed === undefined) return;
    const timer = setTimeout(() => {
      tellNow.current(typed);
      setTyped(undefined);
    }, SETTLED_MS);
    return () => clearTimeout(timer);
  }, [typed]);
  return {
    value: typed ?? known,
    enter: setTyped,
    settle: () => {
      if (typed === undefined) return;
      tell(typed);
      setTyped(undefined);
    },
  };
}
