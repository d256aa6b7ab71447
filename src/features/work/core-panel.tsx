import dynamic from "next/dynamic";
import { orMissing } from "@/ui/or-missing";
import { useState } from "react";
import { LEAST_READINGS } from "@/core/heat/forecast";
import type { InHeat } from "@/core/program/at-work";
import { climbText } from "@/core/program/probing";
import type { ProbeChannel } from "@/core/program/exits";
import type { Foreseen } from "@/core/program/foresee";
import type { QuantityRule } from "@/core/quantity/parse";
import { degrees } from "@/core/quantity/said";
import { capital } from "@/ui/format";
import { useTold, useUnits } from "@/ui/measures";
import { QuantityField } from "@/ui/quantity-field";
import type { Back } from "./refused";
import { sayDrift } from "./say-drift";
import * as words from "@/words/work/core-panel";

/** Charts come only where a core is read. */
const CoreChart = dynamic(
  orMissing(async () => (await import("@/ui/core-chart")).CoreChart),
  { ssr: false },
);

const CORE: QuantityRule = { dimension: "temperature", min: -20, max: 120 };
const MIN_MS = 60_000;

interface Props {
  heat: InHeat;
  foreseen: Foreseen | undefined;
  safeMinC: number | null;
  /** Parts there are besides. */
  several: boolean;
  nowMs: number;
  timeZone: string;
  /** When its sitting is on the table, as it is going; left out where it is in none. */
  tableMs?: number | undefined;
  /** What was entered last and not taken, with the reason: it stands in the field. */
  refused: Back<number> | undefined;
  onRead: (channel: ProbeChannel, coreC: number) => void;
}

/** One core in the heat: what it reads, when it will be at its exit, and whether that is early or late. */
export function CorePanel(props: Props) {
  const { heat, foreseen, safeMinC, several, nowMs, timeZone, tableMs, refused, onRead } = props;
  const units = useUnits();
  const { exit, sinceMs, out } = heat;
  const [typed, setTyped] = useState<number | null>(null);
  const entered = typed ?? refused?.value;
  const readings = foreseen?.readings ?? [];
  const forecast = foreseen?.forecast;
  const last = readings.at(-1)?.coreC;
  const doneMs = forecast && sinceMs + forecast.doneMin * MIN_MS;
  const told = useTold();
  const when = (min: number) => units.when(sinceMs + min * MIN_MS, nowMs, timeZone);
  const named = exit.name ? words.core(exit.name) : words.coreOfTheWhole(several);
  return (
    <section aria-label={named} className="rounded-sm bg-base-100 p-4" data-core-of={exit.channel}>
      <div className="flex flex-wrap items-baseline justify-between gap-4">
        <h3 className="text-2xl">{capital(named)}</h3>
        <p className="figure text-5xl" data-core>
          {last === undefined ? "–" : units.reading(last)}
        </p>
      </div>
      <p className="text-lg">
        {words.outAtToEndAt({
          outC: <b className="figure whitespace-nowrap">{told(`${exit.outC} °C`)}</b>,
          endC: told(`${degrees(exit.endC)} °C`),
          exit: told(words.itClimbs(climbText(exit))),
        })}
        {safeMinC !== null && (
          <>
            {" "}
            {words.officialMinimum(
              <b className="figure whitespace-nowrap">{told(`${degrees(safeMinC)} °C`)}</b>,
            )}
          </>
        )}
      </p>
      {safeMinC !== null && exit.endC < safeMinC && (
        <p className="mt-1 border-l-8 border-error pl-2" role="alert">
          {words.underTheOfficialMinimumNot}
        </p>
      )}
      <p className="mt-2 text-2xl" data-forecast>
        {forecast && doneMs
          ? forecast.earlyMin === forecast.lateMin
            ? words.atItsExitSince(when(forecast.doneMin))
            : words.outAboutTo({
                doneMin: when(forecast.doneMin),
                earlyMin: when(forecast.earlyMin),
                lateMin: when(forecast.lateMin),
              })
          : words.theForecastBeginsWithReadings(LEAST_READINGS)}
      </p>
      {forecast && doneMs && (
        <p className="text-lg">
          {told(
            sayDrift({
              lateMin: (doneMs - sinceMs) / MIN_MS - exit.minutes,
              leftMin: (doneMs - nowMs) / MIN_MS,
              follows: out.foretold,
              table: tableMs === undefined ? undefined : units.when(tableMs, nowMs, timeZone),
            }),
          )}
        </p>
      )}
      <CoreChart
        readings={readings}
        forecast={forecast?.curve ?? []}
        outC={exit.outC}
        endC={exit.endC}
        safeMinC={safeMinC}
        sinceMs={sinceMs}
        timeZone={timeZone}
      />
      <div className="flex items-end gap-3">
        <QuantityField
          label={words.probeReads}
          unseen={exit.name ? `, ${exit.name}` : undefined}
          unit="°C"
          value={entered ?? last ?? 20}
          rule={CORE}
          digits={1}
          refusal={typed === null ? refused?.detail : undefined}
          onChange={setTyped}
        />
        <button
          type="button"
          className="btn min-h-11"
          disabled={entered === undefined}
          onClick={() => {
            if (entered !== undefined) onRead(exit.channel, entered);
            setTyped(null);
          }}
        >
          {words.enterIt}
        </button>
      </div>
    </section>
  );
}
