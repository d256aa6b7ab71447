"use client";

import { Link } from "@/ui/link";
import type { BatchDetail } from "@/contracts/views";
import type { WorkView } from "@/contracts/work";
import { FAULT_NAME, judgedSalt } from "@/core/journal/outcome";
import { pantryOf } from "@/core/materials/pantry";
import { choiceOf } from "@/core/preparations";
import { duration, fixed, grams, percent } from "@/ui/format";
import { ASKED, sayScore, SCORED, type Scored } from "@/ui/judged";
import { useUnits } from "@/ui/measures";
import { PREPARATION_NAME } from "@/ui/names";
import { Shell } from "@/ui/shell/shell";
import type { Units } from "@/ui/units";
import * as words from "@/words/record/compare-batches";

interface Side {
  batch: BatchDetail;
  work: WorkView;
  /** Salt it went to the heat with, of what was weighed and as long as it stood; as planned while it is in. */
  heldFraction: number;
}

/** What one batch says on one subject. */
type Said = (side: Side, units: Units) => string;

const HOUR_MS = 3_600_000;
const score =
  (key: Scored): Said =>
  ({ work }) => {
    const said = key === "salt" && work.judged ? judgedSalt(work.judged) : work.judged?.[key];
    return said === undefined ? "–" : sayScore(key, said);
  };

const ROWS: [string, Said][] = [
  [words.preparation, ({ batch }) => PREPARATION_NAME[choiceOf(batch.formulation.preparation)]],
  [
    words.food,
    ({ batch }) =>
      pantryOf(batch.formulation.own).food(batch.formulation.foodId)?.name ?? batch.formulation.foodId,
  ],
  [
    words.weightOfAllPieces,
    ({ batch }) => words.gIn(grams(batch.formulation.pieces.totalMassG), batch.formulation.pieces.count),
  ],
  [words.thickestPart, ({ batch }) => `${fixed(batch.formulation.pieces.thicknessMm, 0)} mm`],
  [words.saltWanted, ({ batch }) => `${percent(batch.formulation.preparation.targetFraction)} %`],
  [words.saltWeighedOut, saltWeighed],
  [words.goneIn, ({ batch }, units) => units.date(batch.startedAtMs, batch.timeZone)],
  [
    words.takenOut,
    ({ batch }, units) =>
      batch.liftedAtMs === null ? words.stillIn : units.date(batch.liftedAtMs, batch.timeZone),
  ],
  [
    words.stood,
    ({ batch }) =>
      batch.liftedAtMs === null ? words.stillIn : duration((batch.liftedAtMs - batch.startedAtMs) / HOUR_MS),
  ],
  [words.planned, ({ batch }) => duration(batch.formulation.pullH)],
  [
    words.readyFromAsTold,
    ({ batch }) => (batch.sheet.ready.likely === undefined ? "over 4 d" : duration(batch.sheet.ready.likely)),
  ],
  [words.saltInTheFlesh, ({ heldFraction }) => `${percent(heldFraction)} %`],
  [words.sodiumAPortion, ({ batch }) => `${fixed(batch.sheet.atPull.sodiumMgPerPortion, 0)} mg`],
  [words.heldAt, ({ batch }, units) => units.temperature(batch.formulation.holding.temperatureC)],
  [words.coreLastRead, ({ work }, units) => lastCore(work, units)],
  ...SCORED.map((key): [string, Said] => [key === "salt" ? words.saltJudged : ASKED[key].label, score(key)]),
  [words.wentWrong, ({ work }) => work.judged?.faults.map((f) => FAULT_NAME[f]).join(", ") || "–"],
  [words.inWords, ({ work }) => work.judged?.words || "–"],
];

function saltWeighed({ batch, work }: Side): string {
  const line = batch.sheet.lines.find((l) => l.role === "salt");
  if (!line) return "none";
  const real = work.weights[line.id];
  return real === undefined
    ? words.gByTheSheet(grams(line.massG))
    : words.gOf(grams(real), grams(line.massG));
}

function lastCore({ readings }: WorkView, units: Units): string {
  const last = readings.filter((r) => r.channel === "probe").at(-1);
  return last ? units.reading(last.value) : "–";
}

/** Two batches side by side: what differed is marked, and how each ended. */
export function CompareBatches({ a, b }: { a: Side; b: Side }) {
  const units = useUnits();
  return (
    <Shell
      title={words.twoBatches}
      note={
        <Link href="/record" className="link-in-text">
          {words.backToTheRecord}
        </Link>
      }
    >
      <div className="overflow-x-auto p-4 lg:p-6" tabIndex={0} role="region" aria-label={words.compared}>
        <table className="w-full max-w-4xl text-lg">
          <thead>
            <tr className="border-b-4 border-[var(--iron)] text-left">
              <th scope="col" className="w-52" />
              {[a, b].map((side, i) => (
                <th key={i} scope="col" className="py-2 font-display text-xl">
                  <Link href={`/batch/${side.batch.id}`} className="link-in-text">
                    {side.batch.name}
                  </Link>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {ROWS.map(([term, said]) => {
              const [left, right] = [said(a, units), said(b, units)];
              const differs = left !== right;
              return (
                <tr
                  key={term}
                  className={`border-b border-line ${differs ? "font-semibold" : "text-quiet"}`}
                  data-differs={differs}
                >
                  <th scope="row" className="py-2 text-left font-normal">
                    {differs ? "≠ " : ""}
                    {term}
                  </th>
                  <td className="pr-6">{left}</td>
                  <td>{right}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </Shell>
  );
}
