"use client";

import { useState } from "react";
import type { Formulation } from "@/core/formula/model";
import { RANGES } from "@/core/formula/ranges";
import type { Answer, Question } from "@/core/formula/solve";
import { duration, percent } from "@/ui/format";
import { Modal } from "@/ui/modal";
import { QuantityField } from "@/ui/quantity-field";
import { whatIfWorker } from "@/ui/what-if/client";
import { useAnswer } from "@/ui/what-if/use-answer";
import type { KnownRate } from "@/workers/what-if.worker";

interface Props {
  input: Formulation;
  rate: KnownRate;
  change: (edit: (f: Formulation) => Formulation) => void;
  onClose: () => void;
}

const HOURS_TO_START = 4;

/** One unknown at a time, the rest as it stands on the Bench. */
export function SolveDialog({ input, rate, change, onClose }: Props) {
  const [hours, setHours] = useState(HOURS_TO_START);
  const wet = input.preparation.kind === "wetBrine";
  const ask = (question: Question) => ({ input, rate, question });
  const use = (edit: (f: Formulation) => Formulation) => () => {
    change(edit);
    onClose();
  };
  return (
    <Modal title="Work out one thing" onClose={onClose}>
      <div className="space-y-4">
        {wet && (
          <section aria-label="I have so many hours">
            <QuantityField
              label="I have"
              unit="h"
              value={hours * 60}
              shownUnit={60}
              digits={2}
              rule={RANGES.pullMin}
              onChange={(min) => setHours(min / 60)}
            />
            <AnswerLine
              {...ask({ unknown: "strength", hours })}
              say={(strength) => `a ${percent(strength)} % brine is ready in ${duration(hours)}`}
              apply={(strength) => ({
                label: "Use this brine",
                act: use((f) => ({
                  ...f,
                  pullH: hours,
                  salt: { mode: "wanted" },
                  preparation: {
                    kind: "wetBrine",
                    school: "timed",
                    targetFraction: f.preparation.targetFraction,
                    strength: { basis: "percent", saltFraction: Number(strength.toFixed(4)) },
                  },
                })),
              })}
            />
          </section>
        )}
        <section aria-label="How long as it stands">
          <h3 className="text-lg">How long, as it stands?</h3>
          <AnswerLine
            {...ask({ unknown: "time" })}
            say={(h) => `ready after ${duration(h)}`}
            apply={(h) => ({
              label: "Take it out then",
              act: use((f) => ({ ...f, pullH: Math.ceil(h * 4) / 4 })),
            })}
          />
        </section>
        <section aria-label="How long a rinse">
          <h3 className="text-lg">
            Taken out at {duration(input.pullH)}: how long a rinse to come back to the target?
          </h3>
          <AnswerLine {...ask({ unknown: "rinse" })} say={(h) => `${duration(h)} in plenty of cold water`} />
        </section>
        <section aria-label="How long a rest">
          <h3 className="text-lg">Taken out at {duration(input.pullH)}: how long a rest to even out?</h3>
          <AnswerLine
            {...ask({ unknown: "rest" })}
            say={(h) => `${duration(h)} in the fridge, out of the brine`}
          />
        </section>
      </div>
    </Modal>
  );
}

interface LineProps {
  input: Formulation;
  rate: KnownRate;
  question: Question;
  say: (value: number) => string;
  apply?: (value: number) => { label: string; act: () => void };
}

function AnswerLine({ input, rate, question, say, apply }: LineProps) {
  const key = JSON.stringify([input, rate, question]);
  const asked = useAnswer<Answer | undefined>(
    key,
    async () => await whatIfWorker().solve(input, rate, question),
  );
  if (asked.status === "working") return <p className="text-quiet">working it out…</p>;
  const answer = asked.status === "done" ? asked.value : undefined;
  if (!answer) return <p className="text-error">The sums do not work out for what is on the Bench.</p>;
  if (!answer.ok) return <p>{sayNone(answer, question)}</p>;
  const use = apply?.(answer.value);
  return (
    <div className="flex flex-wrap items-center justify-between gap-3" role="status">
      <p className="text-lg font-semibold">{say(answer.value)}</p>
      {use && (
        <button type="button" className="btn min-h-11" onClick={use.act}>
          {use.label}
        </button>
      )}
    </div>
  );
}

function sayNone(answer: Extract<Answer, { ok: false }>, question: Question): string {
  const reached = `${percent(answer.reachesFraction)} %`;
  switch (answer.why) {
    case "too_slow_even_saturated":
      return `No brine does it: even saturated (${percent(answer.nearest, 1)} %) the flesh is at ${reached} by then and not as you asked. Slashes or thinner pieces would.`;
    case "salty_already_at_the_weakest":
      return `Any brine overshoots in that time: the weakest computed (${percent(answer.nearest, 1)} %) brings ${reached}. Take it out sooner.`;
    case "not_within":
      return `Not within ${duration(answer.nearest)}: by then the mean is ${reached}.`;
    case "not_needed":
      return question.unknown === "rinse"
        ? `No rinse is needed: the mean is ${reached}, not over the target. Patting dry is enough.`
        : "It is even already.";
  }
}
