import { z } from "zod";

export const findQuery = z.strictObject({ q: z.string().max(80) });

export type FoundKind =
  | "formula"
  | "archivedFormula"
  | "batch"
  | "runningBatch"
  | "sitting"
  | "own"
  | "salt"
  | "food"
  | "ingredient";

/** One thing found, and where it is. */
export interface Found {
  key: string;
  kind: FoundKind;
  name: string;
  href: string;
}
