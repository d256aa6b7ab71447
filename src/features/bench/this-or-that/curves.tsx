"use client";

import {
  CartesianGrid,
  Legend,
  Line,
  LineChart,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from "recharts";
import type { SoakCurve } from "@/core/formula/change/compare";
import * as words from "@/words/bench/this-or-that/curves";

interface Props {
  series: { name: string; curve: SoakCurve }[];
  pullH: number;
}

/** Colour and dashes both tell the lines apart. */
const LOOKS = [
  { stroke: "var(--color-primary)" },
  { stroke: "var(--color-accent)", strokeDasharray: "9 5" },
  { stroke: "var(--color-success)", strokeDasharray: "2 4" },
];

const TICK = { fill: "var(--color-base-content)", fontSize: 13 };
const HOURS = [0.25, 1, 4, 16, 96];
const shown = (value: unknown) => `${Number(value).toFixed(2)} %`;

/** Salt by depth when taken out, and mean salt by the hour. */
export function Curves({ series, pullH }: Props) {
  return (
    <div className="grid gap-4 lg:grid-cols-2">
      <Chart
        title={words.saltByDepthWhenTaken}
        x={words.mmFromTheFace}
        domain={[0, "dataMax"]}
        scale="linear"
      >
        {series.map(({ name, curve }, i) =>
          curveLine(
            name,
            i,
            curve.byDepth.map((p) => ({ x: p.depthMm, salt: p.fraction * 100 })),
          ),
        )}
      </Chart>
      <Chart
        title={words.meanSaltByTheHour}
        x={words.hours}
        domain={[0.15, 96]}
        scale="log"
        ticks={HOURS}
        mark={pullH}
      >
        {series.map(({ name, curve }, i) =>
          curveLine(
            name,
            i,
            curve.byHour.map((p) => ({ x: p.hours, salt: p.fraction * 100 })),
          ),
        )}
      </Chart>
    </div>
  );
}

/** A plain call, not a component: the chart looks for its lines among its own children. */
function curveLine(name: string, index: number, data: { x: number; salt: number }[]) {
  return (
    <Line
      key={name}
      name={name}
      data={data}
      dataKey="salt"
      dot={false}
      strokeWidth={2.5}
      isAnimationActive={false}
      {...LOOKS[index]}
    />
  );
}

interface ChartProps {
  title: string;
  x: string;
  domain: [number, number | "dataMax"];
  scale: "linear" | "log";
  ticks?: number[];
  mark?: number;
  children: React.ReactNode;
}

function Chart({ title, x, domain, scale, ticks, mark, children }: ChartProps) {
  return (
    <figure>
      <figcaption className="font-semibold">{title}</figcaption>
      <ResponsiveContainer width="100%" height={250}>
        <LineChart margin={{ top: 8, right: 12, bottom: 18, left: -12 }}>
          <CartesianGrid stroke="var(--line)" />
          <XAxis
            dataKey="x"
            type="number"
            scale={scale}
            domain={domain}
            {...(ticks && { ticks })}
            tick={TICK}
            tickFormatter={(value: number) => String(Math.round(value * 100) / 100)}
            label={{ value: x, position: "insideBottom", offset: -12, fill: "var(--quiet)", fontSize: 13 }}
            allowDataOverflow
          />
          <YAxis tick={TICK} unit="%" domain={[0, "auto"]} />
          <Tooltip
            formatter={shown}
            labelFormatter={(value) => `${Number(value).toFixed(1)} ${x}`}
            contentStyle={{ background: "var(--color-base-100)", borderColor: "var(--line)" }}
          />
          <Legend position="top" height={28} />
          {mark !== undefined && <ReferenceLine x={mark} stroke="var(--color-accent)" strokeWidth={2} />}
          {children}
        </LineChart>
      </ResponsiveContainer>
    </figure>
  );
}
