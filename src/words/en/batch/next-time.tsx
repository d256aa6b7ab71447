import type { ReactNode } from "react";
export const found = (which: string) => `found ${which}`;
export const keptAsVersion = (version: number) => `Kept as version ${version}.`;
export const nextTime = "Next time";
export const tryAtInOneBatch = ({
  what,
  score,
  judgedAt,
  batches,
  field,
  stands,
  confidence,
}: {
  what: ReactNode;
  score: string;
  judgedAt: string;
  batches: number;
  field: string;
  stands: string;
  confidence: ReactNode;
}) => (
  <>
    Try {what}: {score} at {judgedAt}, {batches === 1 ? "in one batch" : `in ${batches} batches`}. As it
    stands the formula {field === "target" ? "brings" : "stands"} {stands}. {confidence}
  </>
);
export const makeItTheNextVersion = "Make it the next version";
