"use client";

import { ChevronDown, ChevronRight } from "lucide-react";
import { useId, useState } from "react";

interface Props {
  title: string;
  /** What is set in it, in words. */
  said: string;
  open: boolean;
  onToggle: () => void;
  children: React.ReactNode;
}

/**
 * One group and what was decided of it; opened, its fields stand beneath. Closed again they stay in the page: what was typed in them is
 * kept.
 */
export function GroupRow({ title, said, open, onToggle, children }: Props) {
  const id = useId();
  const [opened, setOpened] = useState(open);
  if (open && !opened) setOpened(true);
  return (
    <section className="border-b border-dotted border-line" data-group={title}>
      <h3>
        <button
          type="button"
          aria-expanded={open}
          aria-controls={id}
          className="flex min-h-11 w-full cursor-pointer items-center gap-3 text-left font-sans text-base"
          onClick={onToggle}
        >
          <span className="w-20 shrink-0 font-semibold">{title}</span>
          <span className="min-w-0 flex-1 py-1 leading-snug font-normal text-pretty text-quiet">{said}</span>
          {open ? <ChevronDown size={18} aria-hidden /> : <ChevronRight size={18} aria-hidden />}
        </button>
      </h3>
      <div id={id} data-fields hidden={!open} className="pb-3 pl-3">
        {opened && children}
      </div>
    </section>
  );
}
