import { useState } from "react";
import type { WorkView } from "@/contracts/work";
import type { Formulated } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formula/model";
import { cookOffered } from "@/core/formula/plate";
import { LEAST_READINGS } from "@/core/heat/forecast";
import { cookedParts, type CookedPart, type ProbeChannel } from "@/core/work/cook-parts";
import { foreseeDone } from "@/core/work/foresee";
import type { QuantityRule } from "@/core/quantity/parse";
import { capital, duration, fixed, whenFrom } from "@/ui/format";
import { QuantityField } from "@/ui/quantity-field";
import { CoreChart } from "@/ui/core-chart";
import type { PlacedAct } from "./act-state";
import { useAlso, useAmerican } from "@/ui/measures";

const CORE: QuantityRule = { dimension: "temperature", min: -20, max: 120 };
const MIN_MS = 60_000;

interface Props {
  input: Formulation;
  sheet: Formulated;
  work: WorkView;
  acts: readonly PlacedAct[];
  nowMs: number;
  timeZone: string;
  onRead: (channel: ProbeChannel, coreC: number) => void;
}

/** The core by the minute, of the whole and of each part that comes out by itself. */
export function CookPanel(props: Props) {
  const { input, sheet } = props;
  const cook = input.cook ?? cookOffered(sheet.load, input.pieces.thicknessMm);
  const parts = cookedParts(input, sheet, cook);
  return (
    <section aria-label="Cook" className="space-y-6">
      {parts.map((part) => (
        <CorePanel key={part.channel} {...props} part={part} />
      ))}
    </section>
  );
}

/** One core: what it reads, when it will be done, and whether that is early or late. */
function CorePanel(props: Props & { part: CookedPart }) {
  const { sheet, work, acts, nowMs, timeZone, onRead, part, input } = props;
  const [typed, setTyped] = useState<number | null>(null);
  const whole = part.channel === "probe";
  const inMs = work.done.stage_1 ?? work.done.go_in ?? nowMs;
  const { readings, forecast } = foreseeDone(input, sheet, part, inMs, work.readings);
  const last = readings.at(-1)?.coreC;
  const plannedMs =
    acts.find((a) => (whole ? a.kind === "rest" : a.id === `part_${part.channel}`))?.dueMs ?? nowMs;
  const doneMs = forecast && inMs + forecast.doneMin * MIN_MS;
  const { safeMinC } = sheet.food;
  const also = useAlso();
  const lastAmerican = useAmerican(last, "°C");
  const when = (min: number) => whenFrom(inMs + min * MIN_MS, nowMs, timeZone);
  const named = whole ? (input.cook?.parts ? "Core of the whole" : "Core") : `Core, ${part.name}`;
  return (
    <section aria-label={named} className="bg-base-100 p-4" data-core-of={part.channel}>
      <div className="flex flex-wrap items-baseline justify-between gap-4">
        <h3 className="text-2xl">{capital(named)}</h3>
        <p className="figure text-5xl" data-core>
          {last === undefined ? "–" : `${fixed(last, 1)} °C`}
          {lastAmerican && <span className="ml-3 text-2xl text-quiet">{lastAmerican}</span>}
        </p>
      </div>
      <p className="text-lg">
        Pull at <b className="figure">{also(`${fixed(part.pullC, 0)} °C`)}</b>, to rest up to{" "}
        {also(`${fixed(part.toC, 0)} °C`)} (it climbs about {fixed(part.rise.low, 0)} to{" "}
        {fixed(part.rise.high, 0)} °C: common practice).
        {safeMinC !== null && (
          <>
            {" "}
            Official minimum <b className="figure">{also(`${fixed(safeMinC, 0)} °C`)}</b>.
          </>
        )}
      </p>
      {safeMinC !== null && part.toC < safeMinC && (
        <p className="mt-1 border-l-8 border-error pl-2" role="alert">
          Under the official minimum. Not for the young, the old, the pregnant or the ill; follow your local
          food code.
        </p>
      )}
      <p className="mt-2 text-2xl" role="status" data-forecast>
        {forecast && doneMs
          ? `Done about ${when(forecast.doneMin)} (${when(forecast.earlyMin)} to ${when(forecast.lateMin)})`
          : `The forecast begins with ${LEAST_READINGS} readings that rise.`}
      </p>
      {forecast && doneMs && <p className="text-lg">{sayDrift(doneMs, plannedMs, nowMs)}</p>}
      <CoreChart
        readings={readings}
        forecast={forecast?.curve ?? []}
        pullC={part.pullC}
        safeMinC={safeMinC}
      />
      <div className="flex items-end gap-3">
        <QuantityField
          label="Probe reads"
          unseen={whole ? undefined : `, ${part.name}`}
          unit="°C"
          value={typed ?? last ?? 20}
          rule={CORE}
          digits={1}
          onChange={setTyped}
        />
        <button
          type="button"
          className="btn min-h-11"
          disabled={typed === null}
          onClick={() => {
            if (typed !== null) onRead(part.channel, typed);
            setTyped(null);
          }}
        >
          Enter it
        </button>
      </div>
    </section>
  );
}

const NEAR_MIN = 4;

/** Early or late against the plan, and what to change. */
function sayDrift(doneMs: number, plannedMs: number, nowMs: number): string {
  const lateMin = (doneMs - plannedMs) / MIN_MS;
  if (Math.abs(lateMin) < NEAR_MIN) return "On time.";
  const by = duration(Math.abs(lateMin) / 60);
  if (lateMin < 0) return `${by} early: 20 °C less, or a longer rest; a tented roast forgives half an hour.`;
  const left = (doneMs - nowMs) / MIN_MS;
  return `${by} late: ${left > 20 ? "20 °C more shortens the rest of it by about a seventh, or " : ""}set the table back ${by}.`;
}
