"use client";

import { useState } from "react";
import type { Channel, WorkView } from "@/contracts/work";
import type { Exit } from "@/core/program/exits";
import { fixed } from "@/ui/format";
import { send } from "@/ui/send";
import * as words from "@/words/work/instruments";

interface Simulated {
  channel: Channel;
  name: string;
  unit: string;
}

const SIMULATED: Simulated[] = [
  { channel: "scale", name: words.scale, unit: "g" },
  { channel: "probe", name: words.probe, unit: "°C" },
  { channel: "fridge", name: words.fridgeSensor, unit: "°C" },
  { channel: "salinity", name: words.salinityMeter, unit: "%" },
];

const SPEEDS = [1, 60, 600];

interface Props {
  batchId: string;
  work: WorkView;
  exits: readonly Exit[];
}

/** Simulated instruments, and a clock that can be run faster: to rehearse a batch before a Saturday. */
export function Instruments({ batchId, work, exits }: Props) {
  const [problem, setProblem] = useState<string | null>(null);
  const tell = async (method: "POST" | "PUT" | "DELETE", path: string, body?: unknown) => {
    const sent = await send(method, `/api/batches/${batchId}/${path}`, body);
    setProblem(sent.ok ? null : sent.problem.detail);
  };
  const ofParts = exits
    .filter((exit) => exit.name !== "")
    .map(({ name, channel }) => ({ channel, name: words.probeOfName(name), unit: "°C" }));
  // Of a joint taken apart there is no whole to be read.
  const whole = SIMULATED.filter(({ channel }) => !ofParts.some((part) => part.channel === channel));
  const all: Simulated[] = [...whole, ...ofParts];
  return (
    <details>
      <summary className="min-h-11 cursor-pointer font-display text-xl font-bold">
        {words.instrumentsAndRehearsal}
      </summary>
      <ul>
        {all.map(({ channel, name, unit }) => {
          const on = work.instruments.includes(channel);
          const last = work.readings.filter((r) => r.channel === channel).at(-1);
          return (
            <li
              key={channel}
              className="flex min-h-12 items-center justify-between gap-3 border-b border-line"
            >
              <span>
                {words.simulated(name)}
                {on && last && <span className="figure ml-2">{`${fixed(last.value, 1)} ${unit}`}</span>}
              </span>
              <button
                type="button"
                className="btn min-h-11"
                aria-pressed={on}
                onClick={() =>
                  on
                    ? tell("DELETE", `instruments/${channel}`)
                    : tell("POST", "instruments", { channel, seed: seedOf(batchId) })
                }
              >
                {words.unplug(on)}
              </button>
            </li>
          );
        })}
      </ul>
      <div className="flex items-center gap-2 py-2" role="group" aria-label={words.rehearsalClock}>
        <span>{words.clock}</span>
        {SPEEDS.map((speed) => (
          <button
            key={speed}
            type="button"
            className="btn min-h-11"
            aria-pressed={work.clock.speed === speed}
            onClick={() => tell("PUT", "pace", { speed })}
          >
            {speed} ×
          </button>
        ))}
      </div>
      {problem && (
        <p role="alert" className="text-sm text-error">
          {problem}
        </p>
      )}
      <p className="text-sm text-quiet">{words.readingsCanBeTypedSimulated}</p>
    </details>
  );
}

/** One batch, one seed: the same simulated kitchen on every device. */
const seedOf = (batchId: string): number => (Number.parseInt(batchId.slice(0, 6), 16) % 999_983) + 1;
