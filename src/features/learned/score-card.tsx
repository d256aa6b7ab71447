import type { LearnedView } from "@/contracts/learned-view";
import type { Foretold, Score, Scored } from "@/core/learned/scored";
import { fixed, percent } from "@/ui/format";
import { useUnits } from "@/ui/measures";
import type { LearnedActs } from "./use-learned";
import * as words from "@/words/learned/score-card";

const WHAT: Record<Foretold["what"], string> = words.what;
/** Bands to either side that are drawn, in half-widths. */
const REACH = 3;
const NINE = 1.7;

interface Props {
  score: LearnedView["score"];
  acts: LearnedActs;
  timeZone: string;
}

/** How what was foretold came out: a band that says two in three shall hold two in three. */
export function ScoreCard({ score, acts, timeZone }: Props) {
  return (
    <section aria-label={words.whatWasForetoldAndWhat} className="border border-line bg-base-100 p-4">
      <h2 className="text-2xl">{words.whatWasForetoldAndWhat}</h2>
      <Half name={words.realBatches} score={score.real} acts={acts} timeZone={timeZone} />
      {score.rehearsed.all.length > 0 && (
        <Half name={words.rehearsedOnes} score={score.rehearsed} acts={acts} timeZone={timeZone} />
      )}
    </section>
  );
}

interface HalfProps {
  name: string;
  score: Score;
  acts: LearnedActs;
  timeZone: string;
}

function Half({ name, score, acts, timeZone }: HalfProps) {
  const { all, twoInThree, nineInTen, fair } = score;
  if (all.length === 0) return <p>{words.nothingYetItWantsA}</p>;
  return (
    <div className="mt-2">
      <p className="text-lg">
        {words.ofTwoInThreeBands({
          allCount: <b className="figure">{all.length}</b>,
          name,
          twoInThree: <b className="figure text-3xl">{twoInThree}</b>,
          least: fair[0],
          most: fair[1],
        })}
      </p>
      <p>{words.ofAsManyNineIn(<b className="figure">{nineInTen}</b>)}</p>
      <Strip all={all} />
      <details className="mt-2">
        <summary className="min-h-11 cursor-pointer py-2">{words.eachOfThem}</summary>
        <table className="w-full">
          <thead>
            <tr className="text-left text-sm text-quiet">
              <th className="py-1 pr-2 font-normal">{words.batch}</th>
              <th className="pr-2 font-normal">{words.whatHead}</th>
              <th className="pr-2 text-right font-normal">{words.foretold}</th>
              <th className="text-right font-normal">{words.came}</th>
            </tr>
          </thead>
          <tbody>
            {all.map((s, i) => (
              <ScoredRow key={i} scored={s} of={acts.batchOf(s.batchId)} timeZone={timeZone} />
            ))}
          </tbody>
        </table>
      </details>
    </div>
  );
}

interface RowProps {
  scored: Scored;
  of: { name: string; atMs: number } | undefined;
  timeZone: string;
}

function ScoredRow({ scored, of, timeZone }: RowProps) {
  const units = useUnits();
  const say = (value: number) =>
    scored.what === "bath"
      ? `${percent(value)} %`
      : scored.what === "climb"
        ? units.difference(value)
        : `${fixed(value, 0)} min`;
  return (
    <tr className="border-t border-line">
      <td className="py-1 pr-2">
        {of?.name ?? words.aBatch}
        {of && <span className="block text-sm text-quiet">{units.date(of.atMs, timeZone)}</span>}
      </td>
      <td className="pr-2">{WHAT[scored.what]}</td>
      <td className="figure pr-2 text-right">
        {say(scored.foretold)}
        <span className="block text-sm text-quiet">{words.to(say(scored.low), say(scored.high))}</span>
      </td>
      <td className={`figure text-right ${scored.inTwoOfThree ? "" : "font-bold text-error"}`}>
        {say(scored.came)}
      </td>
    </tr>
  );
}

const place = (at: number) => `${50 + (50 * Math.max(-REACH, Math.min(REACH, at))) / REACH}%`;

/** Every outcome on its own band: all bands drawn as wide as one another. */
function Strip({ all }: { all: readonly Scored[] }) {
  const kinds = (["done", "bath", "climb"] as const).filter((what) => all.some((s) => s.what === what));
  return (
    <div className="mt-3" role="img" aria-label={words.whereOutcomesFellInTheir}>
      {kinds.map((what) => (
        <div key={what} className="grid grid-cols-[9rem_minmax(0,1fr)] items-center gap-3 py-1">
          <span className="text-sm leading-tight">{WHAT[what]}</span>
          <span className="relative block h-8 border-b border-line">
            <span
              className="absolute inset-y-1 border border-line"
              style={{ left: place(-NINE), right: `calc(100% - ${place(NINE)})` }}
            />
            <span
              className="absolute inset-y-1 bg-line"
              style={{ left: place(-1), right: `calc(100% - ${place(1)})` }}
            />
            {all
              .filter((s) => s.what === what)
              .map((s, i) => (
                <span
                  key={i}
                  className={`absolute top-1/2 size-3 -translate-1/2 rounded-full border-2 border-base-100 ${s.inTwoOfThree ? "bg-primary" : "bg-error"}`}
                  style={{ left: place(s.at) }}
                />
              ))}
          </span>
        </div>
      ))}
      <p className="text-sm text-quiet">{words.eachDotIsWhatCame}</p>
    </div>
  );
}
