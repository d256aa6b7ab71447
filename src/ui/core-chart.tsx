import {
  Area,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from "recharts";
import { useUnits } from "./measures";
import * as words from "@/words/ui/core-chart";

interface Point {
  atMin: number;
  coreC: number;
}

interface Props {
  readings: readonly Point[];
  forecast: readonly Point[];
  outC: number;
  endC: number;
  safeMinC: number | null;
  /** When its minutes begin: the axis is the clock's. */
  sinceMs: number;
  timeZone: string;
}

/** A word keeps clear of the curve that passes under it. */
const CLEAR = { stroke: "var(--color-base-100)", strokeWidth: 5, paintOrder: "stroke" };
const TICK = { fill: "var(--quiet)", fontSize: 14 };
const MIN_MS = 60_000;

/** Readings as a line, the forecast dashed; across it where to take it out, where it ends, and the official minimum. */
export function CoreChart({ readings, forecast, outC, endC, safeMinC, sinceMs, timeZone }: Props) {
  const units = useUnits();
  const last = readings.at(-1);
  const said = last
    ? words.coreTemperatureReadingsTheLast({
        readingsCount: readings.length,
        coreC: units.reading(last.coreC),
        outC: units.temperature(outC),
      })
    : words.coreTemperatureNothingReadYet(units.temperature(outC));
  const endsAtMinimum = safeMinC !== null && Math.abs(safeMinC - endC) < 0.5;
  return (
    <div className="my-2 h-64" role="img" aria-label={said}>
      <ResponsiveContainer>
        <ComposedChart margin={{ left: 0, right: 16, top: 14, bottom: 4 }}>
          <CartesianGrid vertical={false} stroke="var(--line)" />
          <XAxis
            dataKey="atMin"
            type="number"
            domain={[0, "dataMax"]}
            tick={TICK}
            tickFormatter={(m: number) => units.clock(sinceMs + m * MIN_MS, timeZone)}
            allowDuplicatedCategory={false}
          />
          <YAxis
            tick={TICK}
            width={64}
            domain={[0, (highest: number) => Math.ceil(Math.max(highest, endC) / 10) * 10 + 10]}
            tickFormatter={(c: number) => units.temperature(c)}
          />
          <ReferenceLine
            y={outC}
            stroke="var(--color-accent)"
            strokeWidth={2}
            label={{
              value: words.outAt(units.temperature(outC)),
              position: "insideTopLeft",
              fill: "var(--color-accent)",
              ...CLEAR,
            }}
          />
          <ReferenceLine
            y={endC}
            stroke="var(--color-success)"
            strokeWidth={2}
            label={{
              value: words.endsAt(units.temperature(endC), endsAtMinimum),
              position: "insideBottomRight",
              fill: "var(--color-success)",
              ...CLEAR,
            }}
          />
          {safeMinC !== null && !endsAtMinimum && (
            <ReferenceLine
              y={safeMinC}
              stroke="var(--color-error)"
              strokeDasharray="6 4"
              label={{
                value: words.officialMinimum(units.temperature(safeMinC)),
                position: "insideTopRight",
                fill: "var(--quiet)",
                ...CLEAR,
              }}
            />
          )}
          <Line
            data={[...readings]}
            dataKey="coreC"
            stroke="var(--color-base-content)"
            strokeWidth={3}
            dot={readings.length < 20}
            isAnimationActive={false}
          />
          <Area
            data={[...forecast]}
            dataKey="coreC"
            stroke="var(--color-accent)"
            strokeWidth={2}
            strokeDasharray="6 5"
            fill="none"
            dot={false}
            isAnimationActive={false}
          />
        </ComposedChart>
      </ResponsiveContainer>
    </div>
  );
}
