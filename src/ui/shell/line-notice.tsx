"use client";

import { CloudOff } from "lucide-react";
import { useRouter } from "next/navigation";
import { KITCHEN_OUTBOX, useOutbox } from "../outbox";
import { useLine } from "../use-line";

/** Says that the kitchen's server cannot be reached, and what is kept here until it can. Nothing otherwise. */
export function LineNotice() {
  const router = useRouter();
  const there = useLine();
  const { waiting, problem } = useOutbox(KITCHEN_OUTBOX, router.refresh);
  if (there && waiting.length === 0 && !problem) return null;
  return (
    <p
      role="status"
      className="flex items-center gap-3 border-b-4 border-warning bg-base-100 px-4 py-2 lg:px-6 print:hidden"
    >
      <CloudOff size={22} aria-hidden className="shrink-0" />
      <span>
        {!there && "No line to the kitchen’s server: what you see is as it was last known. "}
        {waiting.length > 0 &&
          `${waiting.length === 1 ? "One entry is" : `${waiting.length} entries are`} kept here and sent when it is back. `}
        {problem}
      </span>
    </p>
  );
}
