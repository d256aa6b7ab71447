"use client";

import { useState } from "react";
import type { Channel, WorkView } from "@/contracts/work";
import type { Exit } from "@/core/program/exits";
import { fixed } from "@/ui/format";
import { send } from "@/ui/send";

interface Simulated {
  channel: Channel;
  name: string;
  unit: string;
}

const SIMULATED: Simulated[] = [
  { channel: "scale", name: "Scale", unit: "g" },
  { channel: "probe", name: "Probe", unit: "°C" },
  { channel: "fridge", name: "Fridge sensor", unit: "°C" },
  { channel: "salinity", name: "Salinity meter", unit: "%" },
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
    .map(({ name, channel }) => ({ channel, name: `Probe, ${name}`, unit: "°C" }));
  // Of a joint taken apart there is no whole to be read.
  const whole = SIMULATED.filter(({ channel }) => !ofParts.some((part) => part.channel === channel));
  const all: Simulated[] = [...whole, ...ofParts];
  return (
    <details>
      <summary className="min-h-11 cursor-pointer font-display text-xl font-bold">
        Instruments and rehearsal
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
                {name}, simulated
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
                {on ? "Unplug" : "Plug in"}
              </button>
            </li>
          );
        })}
      </ul>
      <div className="flex items-center gap-2 py-2" role="group" aria-label="Rehearsal clock">
        <span>Clock</span>
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
      <p className="text-sm text-quiet">
        Readings can be typed, simulated, or sent by a bridge to a real instrument: see docs/INSTRUMENTS.md.
      </p>
    </details>
  );
}

/** One batch, one seed: the same simulated kitchen on every device. */
const seedOf = (batchId: string): number => (Number.parseInt(batchId.slice(0, 6), 16) % 999_983) + 1;
