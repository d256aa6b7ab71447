import type { LearnedView } from "@/contracts/learned-view";
import { BandScale, type BandRow } from "@/ui/band-scale";
import { fixed } from "@/ui/format";
import { useUnits } from "@/ui/measures";
import { Counted, LearnedCard } from "./learned-card";
import type { LearnedActs } from "./use-learned";
import * as words from "@/words/learned/climb-card";

const MARKS = [0.25, 0.5, 1, 2].map((at) => ({ at, label: at === 1 ? words.theSums : `${at} ×` }));
/** No more and no less is ever reckoned with. */
const [LEAST, MOST] = [0.2, 2];
/** A middle that climbs as much is spoken of. */
const SPOKEN_C = 6;

interface Props {
  climb: NonNullable<LearnedView["climb"]>;
  heat: LearnedView["heat"];
  acts: LearnedActs;
  timeZone: string;
}

/** How much of the foretold climb out of the heat is seen here. */
export function ClimbCard({ climb, heat, acts, timeZone }: Props) {
  const units = useUnits();
  const { learnt, before, batches } = climb;
  const shown = Number(Math.min(MOST, Math.max(LEAST, learnt.factor)).toFixed(2));
  const times = (x: number) => `${fixed(x, 2)} ×`;
  const between = (low: number, high: number) => words.to(fixed(low, 1), fixed(high, 1));
  const counted = batches.filter((b) => !b.leftOut).length;
  const rows: BandRow[] = [
    ...batches.map((b): BandRow => {
      const of = acts.batchOf(b.batchId);
      const day = of ? units.date(of.atMs, timeZone) : "";
      const factor = b.seenC / b.foretoldC;
      return {
        key: b.batchId,
        name: of?.name ?? words.aRoast,
        note: (
          <>
            {words.climbedForetold({
              day,
              seenC: units.difference(b.seenC),
              foretoldC: units.difference(b.foretoldC),
            })}
            {b.farOff && <strong className="text-error"> {words.farFromTheOthers}</strong>}{" "}
            <Counted
              name={`${of?.name ?? words.theRoast}, ${day}`}
              leftOut={b.leftOut}
              onChange={(out) => acts.leaveOut(b.batchId, out)}
            />
          </>
        ),
        low: factor,
        likely: factor,
        high: factor,
        figure: times(factor),
        ...(b.leftOut ? { tone: "out" } : b.farOff ? { tone: "far" } : {}),
      };
    }),
    {
      key: "before",
      name: words.before,
      note: words.theSumsOwnDoubt,
      low: before.low,
      likely: 1,
      high: before.high,
      figure: times(1),
      between: between(before.low, before.high),
    },
    {
      key: "now",
      name: words.now,
      low: learnt.low,
      likely: learnt.factor,
      high: learnt.high,
      figure: times(learnt.factor),
      between: between(learnt.low, learnt.high),
      tone: "strong",
    },
  ];
  return (
    <LearnedCard
      title={words.theClimbOutOfThe}
      figure={times(learnt.factor)}
      unit={words.whatTheSumsForetell}
      said={
        <>
          {words.betweenAndTwoTimesIn({
            learntLow: times(learnt.low),
            learntHigh: times(learnt.high),
            counted,
          })}
        </>
      }
      effect={
        <>
          {words.aMiddleThatIsTo({
            told: units.difference(SPOKEN_C),
            here: <b className="figure">{units.difference(SPOKEN_C * learnt.factor)}</b>,
            apart: units.difference(Math.abs(SPOKEN_C * (1 - learnt.factor))),
            factor: learnt.factor,
          })}
        </>
      }
      taken={heat.climb !== undefined}
      {...(heat.climb !== shown && { onTake: () => acts.take({ climb: shown }) })}
      onForget={() => acts.forget("climb")}
    >
      <BandScale from={0.15} to={2.5} marks={MARKS} unit={words.overTheSums} line={1} rows={rows} ratios />
    </LearnedCard>
  );
}
