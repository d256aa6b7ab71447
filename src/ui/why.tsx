"use client";

import { CircleQuestionMark, X } from "lucide-react";
import { useId, useRef } from "react";

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
export function Why({ explanation, compact = false }: { explanation: Explanation; compact?: boolean }) {
  const dialog = useRef<HTMLDialogElement>(null);
  const heading = useId();
  const { title, sum, convention, source, otherSchool } = explanation;
  return (
    <>
      <button
        type="button"
        className="inline-flex min-h-11 min-w-11 cursor-pointer items-center justify-center gap-1 text-sm text-quiet underline decoration-dotted underline-offset-4 print:hidden"
        aria-label={`Why? ${title}`}
        onClick={() => dialog.current?.showModal()}
      >
        {compact ? <CircleQuestionMark size={18} aria-hidden /> : "Why?"}
      </button>
      <dialog ref={dialog} className="modal" aria-labelledby={heading}>
        <div className="modal-box max-w-xl border border-line text-left">
          <div className="mb-3 flex items-start justify-between gap-4">
            <h3 id={heading} className="text-xl">
              {title}
            </h3>
            <form method="dialog">
              <button className="btn btn-square btn-ghost" aria-label="Close">
                <X size={20} aria-hidden />
              </button>
            </form>
          </div>
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
        </div>
        <form method="dialog" className="modal-backdrop">
          <button aria-label="Close">close</button>
        </form>
      </dialog>
    </>
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
