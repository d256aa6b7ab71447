import dynamic from "next/dynamic";
import { useState } from "react";
import type { BatchDetail } from "@/contracts/views";
import type { Pan, WorkView } from "@/contracts/work";
import type { Formulated } from "@/core/formula/formulate";
import { RANGES } from "@/core/quantity/ranges";
import type { RealWeights } from "@/core/formula/weigh/as-poured";
import type { SheetLine } from "@/core/formula/weigh/lines";
import { judgeWeight } from "@/core/program/weigh-in";
import { grams } from "@/ui/format";
import { NotYet, orMissing } from "@/ui/or-missing";
import { QuantityField } from "@/ui/quantity-field";
import type { Back } from "./refused";
import { WeighRow } from "./weigh-row";
import * as words from "@/words/work/weigh-in";

/* Fetched when a line ran over. */
const PouredOver = dynamic(
  orMissing(async () => (await import("./poured-over")).PouredOver),
  { loading: NotYet },
);

interface Props {
  batch: BatchDetail;
  /** The lines of its sheet. */
  sheet: Pick<Formulated, "lines">;
  weights: RealWeights;
  /** The scale's reading now; null where none is plugged in. */
  scale: WorkView["scale"];
  /** Every line times this, since one was poured over. */
  scaledBy: number;
  /** What was entered of a line and not taken, with the reason, by line. */
  refused: ReadonlyMap<string, Back<number>>;
  onScale: (scaledBy: number) => void;
  onWeigh: (lineId: string, grams: number) => void;
  /** A line is about to be poured: a simulated scale pours it. */
  onPan: (pan: Pan) => void;
}

/** Each line against the scale: tare, the band it must lie in, and what to do when it ran over. */
export function WeighIn({ batch, sheet, weights, scale, scaledBy, refused, onScale, onWeigh, onPan }: Props) {
  const [tareG, setTareG] = useState(0);
  const [poured, setPoured] = useState<string | null>(null);
  const pour = (line: SheetLine) => {
    setPoured(line.id);
    onPan({ lineId: line.id, targetG: line.massG, tareG });
  };
  const lines = sheet.lines.map((line) => ({ ...line, massG: line.massG * scaledBy }));
  const over = lines.filter((l) => {
    const poured = weights[l.id];
    return poured !== undefined && judgeWeight(l, poured) === "over";
  });
  return (
    <section aria-label={words.weighIn} className="bg-base-100 p-4">
      <h3 className="text-2xl">{words.scale}</h3>
      <QuantityField
        label={words.tareTheEmptyBowl}
        unit="g"
        value={tareG}
        rule={{ ...RANGES.lineG, max: 20_000 }}
        onChange={setTareG}
      />
      {scale && (
        <div className="my-2 flex flex-wrap items-center justify-between gap-3 border-l-8 border-primary pl-3">
          <p>
            <span className="block text-quiet">{words.theScaleShowsMoving(scale.steady)}</span>
            <span className="figure text-5xl" data-scale>
              {grams(scale.grams)} g
            </span>
          </p>
          <button
            type="button"
            className="btn min-h-11"
            disabled={!scale.steady}
            onClick={() => setTareG(Math.max(0, Math.round(scale.grams)))}
          >
            {words.tareThatIsTheBowl}
          </button>
        </div>
      )}
      <ul>
        {lines.map((line, i) => (
          <WeighRow
            key={`${line.id}-${i}`}
            line={line}
            tareG={tareG}
            net={weights[line.id]}
            refused={refused.get(line.id)}
            live={scale && poured === line.id ? { ...scale, grams: scale.grams - tareG } : undefined}
            onWeigh={(id, net) => {
              setPoured(null);
              onWeigh(id, net);
            }}
            onPour={scale ? () => pour(line) : undefined}
          />
        ))}
      </ul>
      {scaledBy > 1 && (
        <p
          className="mt-3 flex flex-wrap items-center justify-between gap-3 border-l-8 border-primary pl-3"
          data-scaled
        >
          <span className="text-lg">
            {words.allLinesScaledBySo(<b className="figure">{scaledBy.toFixed(2)}</b>)}
          </span>
          <button type="button" className="btn min-h-11" onClick={() => onScale(1)}>
            {words.backToTheSheet}
          </button>
        </p>
      )}
      {over.length > 0 && <PouredOver batch={batch} weights={weights} over={over} onScale={onScale} />}
    </section>
  );
}
