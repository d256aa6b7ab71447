"use client";

import { diffArrays } from "diff";
import { useTold } from "./measures";
import * as words from "@/words/ui/line-differences";

interface Props {
  before: string[];
  after: string[];
}

/** Two texts line by line: what went, what came; what stayed is folded away. */
export function LineDifferences({ before, after }: Props) {
  const told = useTold();
  const parts = diffArrays(before.map(told), after.map(told));
  if (parts.every((p) => !p.added && !p.removed)) return <p>{words.nothingDiffersBetweenTheTwo}</p>;
  return (
    <div className="font-mono text-[0.9375rem] leading-relaxed">
      {parts.map((part, i) => {
        if (!part.added && !part.removed)
          return (
            <details key={i} className="text-quiet">
              <summary className="min-h-11 cursor-pointer py-2">
                {words.oneLineTheSame(part.value.length)}
              </summary>
              {part.value.map((line, n) => (
                <p key={n} className="pl-6">
                  {line}
                </p>
              ))}
            </details>
          );
        const Mark = part.added ? "ins" : "del";
        return part.value.map((line, n) => (
          <p
            key={`${i}-${n}`}
            className={`border-l-4 px-3 py-1 ${part.added ? "border-success bg-base-100" : "border-error"}`}
          >
            <span aria-hidden className="inline-block w-5 font-bold">
              {part.added ? "+" : "−"}
            </span>
            <Mark className={part.added ? "no-underline" : "decoration-error"}>{line}</Mark>
          </p>
        ));
      })}
    </div>
  );
}
