import type { ReactNode } from "react";
export const found = (which: string) => `found ${which}`;
export const keptAsVersion = (version: number) => `Kept as version ${version}.`;
export const nextTime = "Next time";
export const tryAtInOneBatch = ({
  what,
  amount,
  amount2,
  batches,
  field,
  amount3,
  confidence,
}: {
  what: ReactNode;
  amount: string;
  amount2: string;
  batches: number;
  field: string;
  amount3: string;
  confidence: ReactNode;
}) => (
  <>
    Try {what}: {amount} at {amount2}, {batches === 1 ? "in one batch" : `in ${batches} batches`}. As it
    stands the formula {field === "target" ? "brings" : "stands"} {amount3}. {confidence}
  </>
);
export const makeItTheNextVersion = "Make it the next version";
