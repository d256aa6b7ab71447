import { z } from "zod";

export const findQuery = z.strictObject({ q: z.string().max(80) });

/** One thing found, and where it is. */
export interface Found {
  key: string;
  kind: string;
  name: string;
  href: string;
}
