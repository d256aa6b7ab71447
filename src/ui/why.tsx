"use client";

import { CircleQuestionMark } from "lucide-react";
import dynamic from "next/dynamic";
import { useState } from "react";
import type { Explanation } from "./explanation";
import { Modal } from "./modal";
import { NotYet, orMissing } from "./or-missing";
import * as words from "@/words/ui/why";

/* Fetched with the words of the sum. */
const Said = dynamic(
  orMissing(async () => (await import("./why-said")).Said),
  { loading: NotYet },
);

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
        aria-label={words.why(title)}
        onClick={ask}
      >
        <CircleQuestionMark size={18} aria-hidden />
      </button>
      {open && (
        <Modal title={title} onClose={() => setOpen(false)}>
          {said === "missing" ? <p role="status">{words.theSumIsNotHere}</p> : said && <Said {...said} />}
        </Modal>
      )}
    </>
  );
}
