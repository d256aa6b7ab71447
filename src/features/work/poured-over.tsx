import type { BatchDetail } from "@/contracts/views";
import type { Formulated } from "@/core/formula/formulate";
import type { RealWeights } from "@/core/formula/weigh/as-poured";
import type { SheetLine } from "@/core/formula/weigh/lines";
import type { Formulation } from "@/core/formulation";
import {
  effectOf,
  rebalanced,
  scaledWeights,
  type AcceptedEffect,
  type ScalingRefusal,
} from "@/core/program/poured-over";
import { offBy, SCALED_MOST } from "@/core/program/weigh-in";
import { capital, grams, percent, roughly } from "@/ui/format";
import { useFormulated } from "./use-formulated";
import * as words from "@/words/work/poured-over";

interface Props {
  batch: BatchDetail;
  weights: RealWeights;
  over: readonly SheetLine[];
  onScale: (factor: number) => void;
}

const REFUSED: Record<ScalingRefusal, string> = {
  saltsTheFood: words.notScaledUpAllOf,
  overflows: words.notScaledUpTheVessel,
  tooMuch: words.notScaledUpThatIs(SCALED_MOST),
};

/** Poured over: taken out again, everything else up in proportion, or what it means to leave it. */
export function PouredOver({ batch, ...props }: Props) {
  const sheet = useFormulated(batch);
  return sheet && <Ways input={batch.formulation} sheet={sheet} {...props} />;
}

type WaysProps = Omit<Props, "batch"> & { input: Formulation; sheet: Formulated };

function Ways({ input, sheet, weights, over, onScale }: WaysProps) {
  const all = rebalanced(input, sheet, weights);
  const left = effectOf(input, sheet, weights);
  const scaled = effectOf(input, sheet, scaledWeights(all.lines));
  return (
    <div className="mt-3 border-l-8 border-error pl-3" role="alert">
      <p className="text-lg font-semibold">
        {words.ranOverEither(over.map((l) => capital(l.name)).join(", "))}
      </p>
      <p className="mt-1">
        {words.whereItCanBe(
          <b>{words.takeOutAgain}</b>,
          over.map((l) => `${grams(offBy(l, weights[l.id] ?? 0))} g ${l.name}`).join(", "),
        )}
      </p>
      {all.refused ? (
        <p className="mt-1">{REFUSED[all.refused]}</p>
      ) : (
        <>
          <p className="mt-1">
            {words.by({
              scaleItAllUp: <b>{words.scaleItAllUp}</b>,
              factor: all.factor.toFixed(2),
              lines: sheet.lines
                .map((l, i) => `${l.name} ${grams(all.lines[i]?.massG ?? l.massG)} g`)
                .join(" · "),
            })}
            {scaled.ok && <Effect effect={scaled.value} />}
          </p>
          <button type="button" className="btn mt-1 min-h-11" onClick={() => onScale(all.factor)}>
            {words.scaleItAllUp}
          </button>
        </>
      )}
      {left.ok && (
        <p className="mt-1" data-effect>
          <b>{words.orLeaveIt}</b>
          <Effect effect={left.value} />
        </p>
      )}
    </div>
  );
}

const Effect = ({ effect }: { effect: AcceptedEffect }) => (
  <>
    :{" "}
    {words.saltWhenItIsTaken({
      meanFraction: <span className="figure">{percent(effect.meanFraction)}</span>,
      endFraction: <span className="figure">{percent(effect.endFraction)}</span>,
      which:
        effect.window.ready.likely === undefined
          ? words.readyOnlyAfter4Days
          : words.readyFrom(roughly(effect.window.ready.likely)),
    })}
  </>
);
