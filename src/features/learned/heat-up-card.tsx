import type { LearnedView } from "@/contracts/learned-view";
import { PREHEAT_MIN, preheatMin } from "@/core/heat/oven";
import { BandScale } from "@/ui/band-scale";
import { fixed } from "@/ui/format";
import { LearnedCard } from "./learned-card";
import type { LearnedActs } from "./use-learned";
import * as words from "@/words/learned/heat-up-card";

/** No more and no less is ever reckoned with. */
const [LEAST, MOST] = [0.3, 4];
const MARKS = [0.5, 1, 2].map((at) => ({ at, label: at === 1 ? words.theUsual : `${at} ×` }));

interface Props {
  heatUp: NonNullable<LearnedView["heatUp"]>;
  heat: LearnedView["heat"];
  acts: LearnedActs;
}

/** How long this oven takes from lit to its heat. */
export function HeatUpCard({ heatUp: { learnt, before, readings }, heat, acts }: Props) {
  const shown = Number(Math.min(MOST, Math.max(LEAST, learnt.factor)).toFixed(2));
  const minutes = (factor: number) => fixed(preheatMin(factor), 0);
  const row = ({ low, factor, high }: typeof learnt) => ({
    low,
    likely: factor,
    high,
    figure: `${minutes(factor)} min`,
    between: words.to(minutes(low), minutes(high)),
  });
  return (
    <LearnedCard
      title={words.heatingTheOven}
      figure={minutes(learnt.factor)}
      unit={words.minFromLitToIts}
      said={
        <>
          {words.betweenAndTwoTimesIn({
            learntLow: minutes(learnt.low),
            learntHigh: minutes(learnt.high),
            readings,
          })}
        </>
      }
      effect={<>{words.aPlanLightsItMin(<b className="figure">{minutes(shown)}</b>, PREHEAT_MIN)}</>}
      taken={heat.heatUp !== undefined}
      {...(heat.heatUp !== shown && { onTake: () => acts.take({ heatUp: shown }) })}
      onForget={() => acts.forget("heatUp")}
    >
      <BandScale
        from={0.3}
        to={4}
        marks={MARKS}
        unit={words.overTheUsual}
        line={1}
        ratios
        rows={[
          { key: "before", name: words.before, note: words.whatOvensTake, ...row(before) },
          { key: "now", name: words.now, ...row(learnt), tone: "strong" },
        ]}
      />
    </LearnedCard>
  );
}
