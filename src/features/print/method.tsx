"use client";

import type { Program } from "@/core/program/step";
import { duration } from "@/ui/format";
import { Told, useUnits } from "@/ui/measures";
import * as words from "@/words/print/method";

interface Props {
  program: Program;
  startedAtMs: number | undefined;
  timeZone: string;
}

const MIN_MS = 60_000;

/** The work on paper: every step with its hour and its figures, as the cards at work have it. */
export function Method({ program, startedAtMs, timeZone }: Props) {
  const units = useUnits();
  return (
    <section aria-label={words.whatIsDone} className="mt-4">
      <h2 className="text-xl">{words.whatIsDone}</h2>
      <ol>
        {program.steps.map((step) => (
          <li
            key={step.id}
            className="flex items-baseline gap-3 border-b border-dotted border-line py-0.5"
            data-step={step.id}
          >
            <span className="w-28 shrink-0 font-semibold tabular-nums">
              {startedAtMs === undefined
                ? sayOffset(step.atMin)
                : units.dayAndClock(startedAtMs + step.atMin * MIN_MS, timeZone)}
            </span>
            <span>
              <b>
                <Told>{step.title}</Told>
              </b>
              {step.look && (
                <>
                  {" "}
                  <Told>{step.look}</Told>
                </>
              )}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

/** "25 min before", "going in", "after 20 h". */
function sayOffset(atMin: number): string {
  if (Math.abs(atMin) < 0.5) return words.goingIn;
  const long = duration(Math.abs(atMin) / 60);
  return words.before(atMin, long);
}
