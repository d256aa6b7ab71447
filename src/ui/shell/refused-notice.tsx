"use client";

import { CircleX } from "lucide-react";
import { grams } from "../format";
import { Link } from "../link";
import { useTold } from "../measures";
import { useOutbox } from "../outbox";
import { Unpushed } from "../unpushed";
import { batchOf, type Entry } from "../outbox-queue";
import * as words from "@/words/ui/shell/refused-notice";

/** What the server would not have, with its reason, until it is entered anew or put away. Nothing otherwise. */
export function RefusedNotice() {
  const { refused, putAway } = useOutbox();
  const told = useTold();
  return (
    <Unpushed>
      {refused.length > 0 && (
        <ul
          aria-label={words.notTaken}
          className="border-b-4 border-error bg-base-100 px-4 lg:px-6 print:hidden"
        >
          {refused.map(({ entry, detail }) => {
            const batchId = batchOf(entry);
            return (
              <li key={JSON.stringify(entry)} className="flex flex-wrap items-center gap-x-3 py-1">
                <CircleX size={22} aria-hidden className="shrink-0" />
                <span className="min-w-0 flex-1 basis-60" role="alert">
                  {words.notTakenBecause(told(sayEntry(entry)), detail)}{" "}
                  {batchId && (
                    <Link href={`/batch/${batchId}`} className="link-in-text">
                      {words.itsBatch}
                    </Link>
                  )}
                </span>
                <button type="button" className="btn min-h-11" onClick={() => putAway(entry)}>
                  {words.putAway}
                </button>
              </li>
            );
          })}
        </ul>
      )}
    </Unpushed>
  );
}

type Body = { value?: number; grams?: number; reading?: unknown } | undefined;

function sayEntry({ path, body }: Entry): string {
  const { value, grams: poured, reading } = (body as Body) ?? {};
  if (path.endsWith("/outcome")) return words.aJudgement;
  if (poured !== undefined) return words.onTheScale(grams(poured));
  if (reading !== undefined) return words.aReadingByHand;
  // Typed are cores alone: instruments speak for themselves.
  if (value !== undefined) return words.aReading(value.toFixed(1));
  return words.whatWasTapped;
}
