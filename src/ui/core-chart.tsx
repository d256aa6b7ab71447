import { Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from "recharts";
import { fixed } from "./format";

interface Point {
  atMin: number;
  coreC: number;
}

interface Props {
  readings: readonly Point[];
  forecast: readonly Point[];
  pullC: number;
  safeMinC: number | null;
}

const TICK = { fill: "var(--quiet)", fontSize: 14 };

/** Readings as a line, the forecast dashed, the pull and the official minimum across. */
export function CoreChart({ readings, forecast, pullC, safeMinC }: Props) {
  return (
    <div className="my-2 h-64" role="img" aria-label={`Core temperature: ${readings.length} readings`}>
      <ResponsiveContainer>
        <LineChart margin={{ left: 0, right: 16, top: 10, bottom: 4 }}>
          <XAxis
            dataKey="atMin"
            type="number"
            domain={[0, "dataMax"]}
            tick={TICK}
            unit=" min"
            tickFormatter={(m: number) => fixed(m, 0)}
            allowDuplicatedCategory={false}
          />
          <YAxis
            tick={TICK}
            unit=" °C"
            width={64}
            domain={[0, (highest: number) => Math.ceil(highest / 10) * 10 + 10]}
            tickFormatter={(c: number) => fixed(c, 0)}
          />
          <ReferenceLine
            y={pullC}
            stroke="var(--color-accent)"
            label={{ value: "pull", fill: "var(--quiet)" }}
          />
          {safeMinC !== null && (
            <ReferenceLine y={safeMinC} stroke="var(--color-error)" strokeDasharray="6 4" />
          )}
          <Line
            data={[...readings]}
            dataKey="coreC"
            stroke="var(--color-accent)"
            strokeWidth={3}
            dot={readings.length < 20}
            isAnimationActive={false}
          />
          <Line
            data={[...forecast]}
            dataKey="coreC"
            stroke="var(--quiet)"
            strokeWidth={2}
            strokeDasharray="6 5"
            dot={false}
            isAnimationActive={false}
          />
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
}
