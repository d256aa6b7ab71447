import { Trash2 } from "lucide-react";
import { useState } from "react";
import { HEAT_UP_MIN } from "@/contracts/figures";
import type { LearnedView } from "@/contracts/learned-view";
import { TWO_IN_THREE } from "@/core/bayes/pooled";
import { PREHEAT_MIN } from "@/core/heat/oven";
import { BandScale, type BandRow } from "@/ui/band-scale";
import { fixed } from "@/ui/format";
import { useUnits } from "@/ui/measures";
import { QuantityField } from "@/ui/quantity-field";
import { Counted, LearnedCard } from "./learned-card";
import type { LearnedActs } from "./use-learned";
import { kitchenNow } from "@/ui/kitchen-time";
import * as words from "@/words/learned/oven-card";

/** A dial that is often set. */
const USUAL_C = 180;
const OVEN = { dimension: "temperature", min: 30, max: 350 } as const;
const HEAT_UP = { dimension: "duration", ...HEAT_UP_MIN } as const;
const MARKS = [-40, -20, 0, 20, 40];

interface Props {
  oven: LearnedView["oven"];
  heat: LearnedView["heat"];
  readings: LearnedView["ovenReadings"];
  acts: LearnedActs;
  timeZone: string;
}

/** What the oven's air is against its dial: from a thermometer put into it, and from how long roasts took. */
export function OvenCard({ oven, heat, readings, acts, timeZone }: Props) {
  const units = useUnits();
  if (!oven)
    return (
      <section aria-label={words.theOven} className="border border-line bg-base-100 p-4">
        <h2 className="text-2xl">{words.theOven}</h2>
        <p>{words.nothingIsKnownYetOf}</p>
        <ReadOven readings={readings} acts={acts} timeZone={timeZone} />
      </section>
    );
  const { offC, lowC, highC, batches } = oven;
  const shown = Math.round(offC);
  const side = words.underItsDial(offC);
  const off = (c: number) => units.difference(Math.abs(c));
  const signed = (c: number) => `${c < 0 ? "−" : c > 0 ? "+" : ""}${off(c)}`;
  const bare = (c: number) => signed(c).replace(/ °[CF]$/, "");
  const row = (low: number, likely: number, high: number) => ({
    low,
    likely,
    high,
    figure: signed(likely),
    between: words.to(bare(low), bare(high)),
  });
  const rows: BandRow[] = [
    ...batches.map((b): BandRow => {
      const of = acts.batchOf(b.id);
      const day = of ? units.date(of.atMs, timeZone) : "";
      const half = TWO_IN_THREE * b.deviation;
      return {
        key: b.id,
        name: of?.name ?? words.aRoast,
        note: (
          <>
            {words.minByTheSums({ day, tookMin: fixed(b.tookMin, 0), foretoldMin: fixed(b.foretoldMin, 0) })}
            {b.farOff && <strong className="text-error"> {words.farFromTheOthers}</strong>}{" "}
            <Counted
              name={`${of?.name ?? words.theRoast}, ${day}`}
              leftOut={b.leftOut}
              onChange={(out) => acts.leaveOut(b.id, out)}
            />
          </>
        ),
        ...row(b.mean - half, b.mean, b.mean + half),
        ...(b.leftOut ? { tone: "out" } : b.farOff ? { tone: "far" } : {}),
      };
    }),
    {
      key: "before",
      name: words.before,
      note: words.whatOvensAreOffBy,
      ...row(-TWO_IN_THREE * oven.beforeC, 0, TWO_IN_THREE * oven.beforeC),
    },
    { key: "now", name: words.now, ...row(lowC, offC, highC), tone: "strong" },
  ];
  const counted = batches.filter((b) => !b.leftOut).length;
  const taken = heat.ovenOffC !== undefined;
  return (
    <LearnedCard
      title={words.theOven}
      figure={off(offC)}
      unit={side}
      said={
        <>
          {words.betweenAndTwoTimesIn({
            lowC: signed(lowC),
            highC: signed(highC),
            readings: oven.readings,
            counted,
          })}
        </>
      }
      effect={
        <>
          {words.forSetItTo(
            units.temperature(USUAL_C),
            <b className="figure">{units.temperature(USUAL_C - shown)}</b>,
          )}
        </>
      }
      taken={taken}
      {...(heat.ovenOffC !== shown && { onTake: () => acts.take({ ovenOffC: shown }) })}
      onForget={() => acts.forget("ovenOffC")}
    >
      <BandScale
        from={-60}
        to={60}
        marks={MARKS.map((at) => ({ at, label: at === 0 ? words.theDial : signed(at) }))}
        unit={words.overTheDial}
        line={0}
        rows={rows}
      />
      <ReadOven readings={readings} acts={acts} timeZone={timeZone} />
    </LearnedCard>
  );
}

/** A thermometer in the oven, when it has stood at its heat for a while. */
function ReadOven({ readings, acts, timeZone }: Pick<Props, "readings" | "acts" | "timeZone">) {
  const units = useUnits();
  const [dialC, setDialC] = useState(USUAL_C);
  const [readC, setReadC] = useState(USUAL_C);
  const [afterMin, setAfterMin] = useState<number>();
  const reading = { dialC, readC, ...(afterMin !== undefined && { afterMin }) };
  return (
    <div className="mt-4">
      <h3 className="text-lg">{words.aThermometerInTheOven}</h3>
      <p className="text-sm text-quiet">{words.halfAnHourAfterIt}</p>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <QuantityField
          label={words.theDialSays}
          unit="°C"
          value={dialC}
          rule={OVEN}
          step={5}
          onChange={setDialC}
        />
        <QuantityField
          label={words.theThermometerReads}
          unit="°C"
          value={readC}
          rule={OVEN}
          step={1}
          onChange={setReadC}
        />
        {afterMin !== undefined && (
          <QuantityField
            label={words.stoodThereAfter}
            unit="min"
            value={afterMin}
            rule={HEAT_UP}
            step={1}
            onChange={setAfterMin}
          />
        )}
        <label className="flex min-h-12 cursor-pointer items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={afterMin !== undefined}
            onChange={(e) => setAfterMin(e.target.checked ? PREHEAT_MIN : undefined)}
          />
          {words.litFromColdIWatched}
        </label>
        <button
          type="button"
          className="btn min-h-12"
          onClick={() => acts.readOven({ ...reading, atMs: kitchenNow() })}
        >
          {words.keepTheReading}
        </button>
      </div>
      <ul>
        {readings.map((kept, i) => (
          <li key={kept.atMs + i} className="flex items-center justify-between border-b border-line">
            <span>
              {words.dialRead({
                atMs: units.date(kept.atMs, timeZone),
                dialC: <span className="figure">{units.temperature(kept.dialC)}</span>,
                readC: <span className="figure">{units.temperature(kept.readC)}</span>,
              })}
              {kept.afterMin !== undefined && (
                <> {words.after(<span className="figure">{fixed(kept.afterMin, 0)}</span>)} min</>
              )}
            </span>
            <button
              type="button"
              className="btn btn-ghost min-h-11 w-11 px-0"
              aria-label={words.takeBackTheReadingOf(
                units.temperature(kept.readC),
                units.temperature(kept.dialC),
              )}
              onClick={() => acts.unreadOven(kept)}
            >
              <Trash2 size={18} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
