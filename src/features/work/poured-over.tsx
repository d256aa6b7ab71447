import type { BatchDetail } from "@/contracts/views";
import type { Formulated } from "@/core/formula/formulate";
import type { SheetLine } from "@/core/formula/weigh/lines";
import type { Formulation } from "@/core/formulation";
import {
  effectOf,
  rebalanced,
  scaledWeights,
  type AcceptedEffect,
  type ScalingRefusal,
} from "@/core/program/poured-over";
import { offBy, SCALED_MOST, type RealWeights } from "@/core/program/weigh-in";
import { capital, grams, percent, roughly } from "@/ui/format";
import { useFormulated } from "./use-formulated";

interface Props {
  batch: BatchDetail;
  weights: RealWeights;
  over: readonly SheetLine[];
  onScale: (factor: number) => void;
}

const REFUSED: Record<ScalingRefusal, string> = {
  saltsTheFood: "Not scaled up: all of it goes on this food, and more of everything is more salt in it.",
  overflows: "Not scaled up: the vessel does not hold so much.",
  tooMuch: `Not scaled up: that is more than ${SCALED_MOST} times the sheet, or than one batch weighs.`,
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
      <p className="text-lg font-semibold">{over.map((l) => capital(l.name)).join(", ")} ran over. Either:</p>
      <p className="mt-1">
        <b>Take out again</b> {over.map((l) => `${grams(offBy(l, weights[l.id]))} g ${l.name}`).join(", ")},
        where it can be.
      </p>
      {all.refused ? (
        <p className="mt-1">{REFUSED[all.refused]}</p>
      ) : (
        <>
          <p className="mt-1">
            <b>Scale it all up</b> by {all.factor.toFixed(2)}:{" "}
            {sheet.lines.map((l, i) => `${l.name} ${grams(all.lines[i].massG)} g`).join(" · ")}
            {scaled.ok && <Effect effect={scaled.value} />}
          </p>
          <button type="button" className="btn mt-1 min-h-11" onClick={() => onScale(all.factor)}>
            Scale it all up
          </button>
        </>
      )}
      {left.ok && (
        <p className="mt-1" data-effect>
          <b>Or leave it</b>
          <Effect effect={left.value} />
        </p>
      )}
    </div>
  );
}

const Effect = ({ effect }: { effect: AcceptedEffect }) => (
  <>
    : <span className="figure">{percent(effect.meanFraction)}</span> % salt when it is taken out,{" "}
    <span className="figure">{percent(effect.endFraction)}</span> % in the end;{" "}
    {effect.window.ready.likely === undefined
      ? "ready only after 4 days"
      : `ready from ${roughly(effect.window.ready.likely)}`}
    .
  </>
);
