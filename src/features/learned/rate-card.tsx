import type { RateView } from "@/contracts/learned-view";
import { findFood } from "@/core/materials/lookup";
import { BandScale, type BandRow } from "@/ui/band-scale";
import { capital, duration, fixed } from "@/ui/format";
import { Counted, LearnedCard } from "./learned-card";
import type { LearnedActs } from "./use-learned";
import { useUnits } from "@/ui/measures";
import * as words from "@/words/learned/rate-card";

const MARKS = [0.5, 0.7, 1, 1.4, 2].map((at) => ({ at, label: at === 1 ? words.theTable : fixed(at, 1) }));
/** What is kept is what is learnt now, to the digits shown. */
const SAME = 0.005;

interface Props {
  rate: RateView;
  acts: LearnedActs;
  timeZone: string;
}

/** How fast salt goes into one food here: from its own batches and, less, from its kin's. */
export function RateCard({ rate, acts, timeZone }: Props) {
  const units = useUnits();
  const { learnt, before, batches, kin, kept, readyH, foodId } = rate;
  const times = (x: number) => `${fixed(x, 2)} ×`;
  const counted = batches.filter((b) => !b.leftOut).length;
  const rows: BandRow[] = [
    ...batches.map((b): BandRow => {
      const of = acts.batchOf(b.batchId);
      const name = of ? units.date(of.atMs, timeZone) : words.someBatch;
      return {
        key: b.batchId,
        name: of?.name ?? words.aBatch,
        note: (
          <>
            {name}
            {b.farOff && <strong className="text-error"> {words.farFromTheOthers}</strong>}{" "}
            <Counted
              name={`${of?.name ?? words.theBatch}, ${name}`}
              leftOut={b.leftOut}
              onChange={(out) => acts.leaveOut(b.batchId, out)}
            />
          </>
        ),
        low: b.low,
        likely: b.factor,
        high: b.high,
        figure: times(b.factor),
        between: words.to(fixed(b.low, 1), fixed(b.high, 1)),
        ...(b.leftOut ? { tone: "out" } : b.farOff ? { tone: "far" } : {}),
      };
    }),
    {
      key: "before",
      name: words.before,
      note: words.theTablesOwnDoubt,
      low: before.low,
      likely: before.factor,
      high: before.high,
      figure: times(before.factor),
      between: words.toOfBeforeLow(fixed(before.low, 1), fixed(before.high, 1)),
    },
    {
      key: "learnt",
      name: words.now,
      low: learnt.low,
      likely: learnt.factor,
      high: learnt.high,
      figure: times(learnt.factor),
      between: words.toOfLearntLow(fixed(learnt.low, 1), fixed(learnt.high, 1)),
      tone: "strong",
    },
  ];
  return (
    <LearnedCard
      title={capital(rate.name)}
      figure={times(learnt.factor)}
      unit={words.asFastIntoItAs}
      said={
        <>
          {words.betweenAndTwoTimesIn({
            learntLow: times(learnt.low),
            learntHigh: times(learnt.high),
            counted,
            kin:
              kin.length > 0 &&
              words.andLessFromWhichAre(kin.map((id) => findFood(id)?.name ?? id).join(", ")),
          })}
        </>
      }
      effect={
        readyH && (
          <>
            {words.readyInInsteadOf({
              part: readyH.of,
              learnt: <b className="figure">{duration(readyH.learnt)}</b>,
              table: duration(readyH.table),
            })}
          </>
        )
      }
      taken={kept !== null}
      {...((kept === null || Math.abs(kept.factor - learnt.factor) > SAME) && {
        onTake: () => acts.takeRate(foodId),
      })}
      onForget={() => acts.forgetRate(foodId)}
    >
      <BandScale from={0.4} to={2.5} marks={MARKS} unit={words.overTheTable} line={1} rows={rows} ratios />
    </LearnedCard>
  );
}
