"use client";

import type { After, AfterAnswer } from "@/core/formula/soak/rinse-or-rest";
import type { Formulation } from "@/core/formulation";
import { duration, percent } from "@/ui/format";
import { Modal } from "@/ui/modal";
import { useAnswer } from "@/ui/what-if/use-answer";
import { whatIfWorker } from "@/ui/what-if/workers";
import type { KnownRate } from "@/workers/sums.worker";
import * as words from "@/words/bench/what-if/rinse-or-rest-dialog";

interface Props {
  input: Formulation;
  rate: KnownRate;
  onClose: () => void;
}

/** Taken out as it stands: how long a rinse, or a rest, brings it to what is wanted. */
export function RinseOrRestDialog({ onClose, ...asked }: Props) {
  return (
    <Modal title={words.rinseOrRestTakenOut(duration(asked.input.pullH))} onClose={onClose}>
      <div className="space-y-4">
        <section aria-label={words.howLongARinse}>
          <h3 className="text-lg">{words.howLongARinseTo}</h3>
          <AnswerLine {...asked} after="rinse" say={(h) => words.inPlentyOfColdWater(duration(h))} />
        </section>
        <section aria-label={words.howLongARest}>
          <h3 className="text-lg">{words.howLongARestTo}</h3>
          <AnswerLine {...asked} after="rest" say={(h) => words.inTheFridgeOutOf(duration(h))} />
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
  if (asked.status === "working") return <p className="text-quiet">{words.workingItOut}</p>;
  const answer = asked.status === "done" ? asked.value : undefined;
  if (!answer) return <p className="text-error">{words.theSumsDoNotWork}</p>;
  return (
    <p className="text-lg font-semibold" role="status">
      {answer.ok ? say(answer.hours) : sayNone(answer, after)}
    </p>
  );
}

function sayNone(answer: Extract<AfterAnswer, { ok: false }>, after: After): string {
  const reached = `${percent(answer.reachesFraction)} %`;
  if (answer.why === "not_within") return words.notWithinByThenThe(duration(answer.nearestH), reached);
  return words.noRinseIsNeededThe(after, reached);
}
