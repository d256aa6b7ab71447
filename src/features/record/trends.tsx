"use client";

import {
  CartesianGrid,
  ReferenceLine,
  ResponsiveContainer,
  Scatter,
  ScatterChart,
  XAxis,
  YAxis,
} from "recharts";
import type { TrendPoint } from "@/contracts/record";
import { saltVerdict } from "@/ui/say";
import * as words from "@/words/record/trends";

const TICK = { fill: "var(--quiet)", fontSize: 14 };
const LEAST = 2;

/** What the record says together: salt wanted against salt judged, hours foretold against hours stood. */
export function Trends({ points }: { points: readonly TrendPoint[] }) {
  const judged = points
    .filter((p) => p.saltScore !== null)
    .map((p) => ({ x: p.targetFraction * 100, y: p.saltScore }));
  const timed = points.filter((p) => p.predictedH !== null).map((p) => ({ x: p.predictedH, y: p.realH }));
  if (judged.length < LEAST && timed.length < LEAST) return null;
  const most = Math.max(1, ...timed.flatMap((p) => [p.x ?? 0, p.y]));
  return (
    <section aria-label={words.trends} className="grid gap-6 lg:grid-cols-2">
      {judged.length >= LEAST && (
        <figure>
          <figcaption className="text-xl font-display font-bold">{words.saltWantedAndHowIt}</figcaption>
          <div className="h-64" role="img" aria-label={words.judgedBatches(judged.length)}>
            <ResponsiveContainer>
              <ScatterChart margin={{ left: 0, right: 16, top: 8, bottom: 4 }}>
                <CartesianGrid stroke="var(--color-base-300)" />
                <XAxis
                  dataKey="x"
                  type="number"
                  unit=" %"
                  tick={TICK}
                  domain={["dataMin - 0.1", "dataMax + 0.1"]}
                  tickFormatter={(x: number) => x.toFixed(2)}
                />
                <YAxis
                  dataKey="y"
                  type="number"
                  domain={[-2, 2]}
                  ticks={[-2, -1, 0, 1, 2]}
                  tick={TICK}
                  tickFormatter={saltVerdict}
                  width={128}
                />
                <ReferenceLine y={0} stroke="var(--color-success)" strokeWidth={2} />
                <Scatter data={judged} fill="var(--color-primary)" isAnimationActive={false} />
              </ScatterChart>
            </ResponsiveContainer>
          </div>
        </figure>
      )}
      {timed.length >= LEAST && (
        <figure>
          <figcaption className="text-xl font-display font-bold">
            {words.hoursUntilReadyAsForetold}
          </figcaption>
          <div className="h-64" role="img" aria-label={words.batchesByTheirHours(timed.length)}>
            <ResponsiveContainer>
              <ScatterChart margin={{ left: 0, right: 16, top: 8, bottom: 4 }}>
                <CartesianGrid stroke="var(--color-base-300)" />
                <XAxis dataKey="x" type="number" unit=" h" tick={TICK} domain={[0, Math.ceil(most)]} />
                <YAxis
                  dataKey="y"
                  type="number"
                  unit=" h"
                  tick={TICK}
                  width={56}
                  domain={[0, Math.ceil(most)]}
                />
                <ReferenceLine
                  segment={[
                    { x: 0, y: 0 },
                    { x: most, y: most },
                  ]}
                  stroke="var(--quiet)"
                  strokeDasharray="5 5"
                />
                <Scatter data={timed} fill="var(--color-accent)" isAnimationActive={false} />
              </ScatterChart>
            </ResponsiveContainer>
          </div>
        </figure>
      )}
    </section>
  );
}
