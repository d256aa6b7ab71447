"use client";

import { CircleQuestionMark } from "lucide-react";
import { useState } from "react";
import { Modal } from "./modal";

/** How a figure came about: the sum with these numbers, the convention, the source, the other school. */
export interface Explanation {
  title: string;
  /** The sum, a line at a time. */
  sum: string[];
  convention: string;
  source: string;
  otherSchool?: string;
}

/** The small "Why?" beside a figure; opens the sum in a dialog. */
export function Why({ explanation }: { explanation: Explanation }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        className="inline-flex min-h-11 min-w-11 cursor-pointer items-center justify-center text-quiet print:hidden"
        aria-label={`Why? ${explanation.title}`}
        onClick={() => setOpen(true)}
      >
        <CircleQuestionMark size={18} aria-hidden />
      </button>
      {open && <WhyDialog explanation={explanation} onClose={() => setOpen(false)} />}
    </>
  );
}

function WhyDialog({ explanation, onClose }: { explanation: Explanation; onClose: () => void }) {
  const { title, sum, convention, source, otherSchool } = explanation;
  return (
    <Modal title={title} onClose={onClose}>
      <div className="mb-4 space-y-1 border-l-4 border-primary bg-base-200 px-3 py-2 font-mono text-sm">
        {sum.map((line) => (
          <p key={line}>{line}</p>
        ))}
      </div>
      <dl className="space-y-3">
        <Entry term="By what convention" text={convention} />
        {otherSchool && <Entry term="The other school" text={otherSchool} />}
        <Entry term="Source" text={source} />
      </dl>
    </Modal>
  );
}

function Entry({ term, text }: { term: string; text: string }) {
  return (
    <div>
      <dt className="text-sm text-quiet">{term}</dt>
      <dd>{text}</dd>
    </div>
  );
}
