"use client";

import { CircleQuestionMark } from "lucide-react";
import { useState } from "react";
import { Told, useTold } from "./measures";
import { Modal } from "./modal";

/** How a figure came about: the sum with these numbers, the convention, the source, the other school. */
export interface Explanation {
  /** The sum, a line at a time. */
  sum: string[];
  convention: string;
  source: string;
  otherSchool?: string;
}

interface Props {
  title: string;
  /** Asked when it is opened: the words of a sum are fetched only then. */
  explain: () => Promise<Explanation>;
}

/** The small "Why?" beside a figure; opens the sum in a dialog. */
export function Why({ title, explain }: Props) {
  const [open, setOpen] = useState(false);
  const [said, setSaid] = useState<Explanation | "missing">();
  const ask = () => {
    setOpen(true);
    setSaid(undefined);
    explain().then(setSaid, () => setSaid("missing"));
  };
  return (
    <>
      <button
        type="button"
        className="inline-flex min-h-11 min-w-11 cursor-pointer items-center justify-center text-quiet print:hidden"
        aria-label={`Why? ${title}`}
        onClick={ask}
      >
        <CircleQuestionMark size={18} aria-hidden />
      </button>
      {open && (
        <Modal title={title} onClose={() => setOpen(false)}>
          {said === "missing" ? (
            <p role="status">
              The sum is not here yet: the kitchen could not be reached. Open it again when it is.
            </p>
          ) : (
            said && <Said {...said} />
          )}
        </Modal>
      )}
    </>
  );
}

function Said({ sum, convention, source, otherSchool }: Explanation) {
  const told = useTold();
  const here = sum.map(told);
  return (
    <>
      <Sum lines={here} />
      {here.some((line, i) => line !== sum[i]) && (
        <details className="mb-4">
          <summary className="min-h-11 cursor-pointer py-2">
            The same to do again: as it was worked out
          </summary>
          <Sum lines={sum} />
        </details>
      )}
      <dl className="space-y-3">
        <Entry term="By what convention" text={convention} />
        {otherSchool && <Entry term="The other school" text={otherSchool} />}
        <Entry term="Source" text={source} />
      </dl>
    </>
  );
}

function Sum({ lines }: { lines: string[] }) {
  return (
    <div className="mb-4 space-y-1 border-l-4 border-primary bg-base-200 px-3 py-2 font-mono text-sm">
      {lines.map((line) => (
        <p key={line}>{line}</p>
      ))}
    </div>
  );
}

function Entry({ term, text }: { term: string; text: string }) {
  return (
    <div>
      <dt className="text-sm text-quiet">{term}</dt>
      <dd>
        <Told>{text}</Told>
      </dd>
    </div>
  );
}
