import { useState } from "react";
import type { Pan, WorkView } from "@/contracts/work";
import type { Formulated } from "@/core/formula/formulate";
import type { SheetLine } from "@/core/formula/lines";
import type { Formulation } from "@/core/formula/model";
import { RANGES } from "@/core/formula/ranges";
import { bandOf, effectOf, judgeWeight, rebalanced, type RealWeights } from "@/core/program/weigh-in";
import { capital, grams, percent, roughly } from "@/ui/format";
import { QuantityField } from "@/ui/quantity-field";

interface Props {
  input: Formulation;
  sheet: Formulated;
  weights: RealWeights;
  /** The scale's reading now; null where none is plugged in. */
  scale: WorkView["scale"];
  /** Every line times this, since one was poured over. */
  scaledBy: number;
  onScale: (scaledBy: number) => void;
  onWeigh: (lineId: string, grams: number) => void;
  /** A line is about to be poured: a simulated scale pours it. */
  onPan: (pan: Pan) => void;
}

/** Each line against the scale: tare, the band it must lie in, and what to do when it ran over. */
export function WeighIn({ input, sheet, weights, scale, scaledBy, onScale, onWeigh, onPan }: Props) {
  const [tareG, setTareG] = useState(0);
  const [poured, setPoured] = useState<string | null>(null);
  const pour = (line: SheetLine) => {
    setPoured(line.id);
    onPan({ lineId: line.id, targetG: line.massG, tareG });
  };
  const lines = sheet.lines.map((line) => ({ ...line, massG: line.massG * scaledBy }));
  const over = lines.filter((l) => weights[l.id] !== undefined && judgeWeight(l, weights[l.id]) === "over");
  return (
    <section aria-label="Weigh in" className="bg-base-100 p-4">
      <h3 className="text-2xl">On the scale</h3>
      <QuantityField
        label="Tare: the empty bowl"
        unit="g"
        value={tareG}
        rule={{ ...RANGES.lineG, max: 20_000 }}
        onChange={setTareG}
      />
      {scale && (
        <div className="my-2 flex flex-wrap items-center justify-between gap-3 border-l-8 border-primary pl-3">
          <p>
            <span className="block text-quiet">The scale shows{scale.steady ? "" : ", moving"}</span>
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
            Tare: that is the bowl
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
            All lines scaled by <b className="figure">{scaledBy.toFixed(2)}</b>, so that the strength stays.
          </span>
          <button type="button" className="btn min-h-11" onClick={() => onScale(1)}>
            Back to the sheet
          </button>
        </p>
      )}
      {over.length > 0 && (
        <Over input={input} sheet={sheet} weights={weights} over={over} onScale={onScale} />
      )}
    </section>
  );
}

const SAYS = { under: "more", right: "right", over: "over" } as const;
const TONE = { under: "text-warning", right: "text-success", over: "text-error" } as const;

function WeighRow(props: {
  line: SheetLine;
  tareG: number;
  net: number | undefined;
  /** What the scale shows of it while it is poured, the bowl taken off. */
  live: { grams: number; steady: boolean } | undefined;
  onWeigh: Props["onWeigh"];
  onPour: (() => void) | undefined;
}) {
  const { line, tareG, net, live, onWeigh, onPour } = props;
  const { lowG, highG } = bandOf(line);
  const seen = live?.grams ?? net;
  const judged = seen === undefined ? undefined : judgeWeight(line, seen);
  const share = seen === undefined ? 0 : Math.min(1.3, Math.max(0, seen) / Math.max(0.01, line.massG)) / 1.3;
  return (
    <li className="border-b border-line py-2" data-weigh={line.id}>
      <div className="flex items-baseline justify-between gap-3">
        <span className="text-lg font-semibold">{capital(line.name)}</span>
        <span>
          <span className="figure text-[1.75rem]">{grams(line.massG)}</span> g{" "}
          <span className="text-sm text-quiet">
            {grams(lowG)} to {grams(highG)}
          </span>
        </span>
      </div>
      <div className="relative my-1 h-3 border border-[var(--iron)]" aria-hidden>
        <span
          className={`absolute inset-y-0 left-0 ${judged === "over" ? "bg-error" : judged === "right" ? "bg-success" : "bg-primary"}`}
          style={{ width: `${share * 100}%` }}
        />
        <span className="absolute -inset-y-1 w-0.5 bg-[var(--iron)]" style={{ left: `${100 / 1.3}%` }} />
      </div>
      <div className="flex items-center justify-between gap-3">
        <QuantityField
          label={tareG > 0 ? "Scale reads, bowl and all" : "Scale reads"}
          unseen={`, ${line.name}`}
          unit="g"
          value={(net ?? 0) + (net === undefined ? 0 : tareG)}
          rule={{ ...RANGES.lineG, max: 500_000, min: tareG }}
          digits={1}
          onChange={(gross) => onWeigh(line.id, gross - tareG)}
        />
        {onPour && !live && (
          <button type="button" className="btn min-h-11" onClick={onPour} aria-label={`Pour ${line.name}`}>
            Pour it
          </button>
        )}
        {live && (
          <button
            type="button"
            className="btn btn-primary min-h-14 text-xl"
            disabled={!live.steady}
            onClick={() => onWeigh(line.id, Math.max(0, live.grams))}
          >
            Take <span className="figure">{grams(Math.max(0, live.grams))}</span> g
          </button>
        )}
        {judged && (
          <strong className={`text-xl ${TONE[judged]}`} role="status">
            {SAYS[judged]}
          </strong>
        )}
      </div>
    </li>
  );
}

/** Poured over: everything else up in proportion, or what it means to leave it. */
function Over({
  input,
  sheet,
  weights,
  over,
  onScale,
}: Pick<Props, "input" | "sheet" | "weights" | "onScale"> & { over: readonly SheetLine[] }) {
  const all = rebalanced(sheet.lines, weights);
  const effect = effectOf(input, sheet, weights);
  return (
    <div className="mt-3 border-l-8 border-error pl-3" role="alert">
      <p className="text-lg font-semibold">{over.map((l) => capital(l.name)).join(", ")} ran over. Either:</p>
      <p className="mt-1">
        <b>Scale it all up</b> by {all.factor.toFixed(2)}:{" "}
        {sheet.lines.map((l, i) => `${l.name} ${grams(all.lines[i].massG)} g`).join(" · ")}
      </p>
      <button type="button" className="btn mt-1 min-h-11" onClick={() => onScale(all.factor)}>
        Scale it all up
      </button>
      {effect.ok && (
        <p className="mt-1" data-effect>
          <b>Or leave it</b>: <span className="figure">{percent(effect.value.meanFraction)}</span> % salt at
          the pull, <span className="figure">{percent(effect.value.endFraction)}</span> % in the end;{" "}
          {effect.value.window.ready.likely === undefined
            ? "ready only after 4 days"
            : `ready from ${roughly(effect.value.window.ready.likely)}`}
          .
        </p>
      )}
    </div>
  );
}
