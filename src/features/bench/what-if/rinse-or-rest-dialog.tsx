"use client";

import type { After, AfterAnswer } from "@/core/formula/soak/rinse-or-rest";
import type { Formulation } from "@/core/formulation";
import { duration, percent } from "@/ui/format";
import { Modal } from "@/ui/modal";
import { useAnswer } from "@/ui/what-if/use-answer";
import { whatIfWorker } from "@/ui/what-if/workers";
import type { KnownRate } from "@/workers/sums.worker";

interface Props {
  input: Formulation;
  rate: KnownRate;
  onClose: () => void;
}

/** Taken out as it stands: how long a rinse, or a rest, brings it to what is wanted. */
export function RinseOrRestDialog({ onClose, ...asked }: Props) {
  return (
    <Modal title={`Rinse or rest, taken out at ${duration(asked.input.pullH)}`} onClose={onClose}>
      <div className="space-y-4">
        <section aria-label="How long a rinse">
          <h3 className="text-lg">How long a rinse to come back to what is wanted?</h3>
          <AnswerLine {...asked} after="rinse" say={(h) => `${duration(h)} in plenty of cold water`} />
        </section>
        <section aria-label="How long a rest">
          <h3 className="text-lg">How long a rest to even out?</h3>
          <AnswerLine {...asked} after="rest" say={(h) => `${duration(h)} in the fridge, out of the salt`} />
        </section>
      </div>
    </Modal>
  );
}

type LineProps = Omit<Props, "onClose"> & { after: After; say: (hours: number) => string };

function AnswerLine({ input, rate, after, say }: LineProps) {
  const asked = useAnswer<AfterAnswer | undefined>(
    JSON.stringify([input, rate, after]),
    async () => await whatIfWorker().after(input, rate, after),
  );
  if (asked.status === "working") return <p className="text-quiet">working it out …</p>;
  const answer = asked.status === "done" ? asked.value : undefined;
  if (!answer) return <p className="text-error">The sums do not work out for what is on the Bench.</p>;
  return (
    <p className="text-lg font-semibold" role="status">
      {answer.ok ? say(answer.hours) : sayNone(answer, after)}
    </p>
  );
}

function sayNone(answer: Extract<AfterAnswer, { ok: false }>, after: After): string {
  const reached = `${percent(answer.reachesFraction)} %`;
  if (answer.why === "not_within")
    return `Not within ${duration(answer.nearestH)}: by then the mean is ${reached}.`;
  return after === "rinse"
    ? `No rinse is needed: the mean is ${reached}, not over what is wanted. Patting dry is enough.`
    : "It is even already.";
}
