import { z } from "zod";
import { Refusal } from "../problem";
import * as words from "@/words/server/api/paged";

/** A part of a list, and where the next begins. */
export class Page {
  constructor(
    readonly items: readonly unknown[],
    readonly cursor: string | undefined,
  ) {}
}

export const pageQuery = z.strictObject({
  limit: z.coerce.number().int().min(1).max(200).default(100).describe("how many at most"),
  cursor: z
    .string()
    .max(200)
    .optional()
    .describe("where to go on: as the Link header of the answer before it says"),
});

/**
 * So many of a list after a cursor.
 * @throws Refusal 400 where nothing has that cursor
 */
export function paged<T extends { id: string }>(
  all: readonly T[],
  { limit, cursor }: z.infer<typeof pageQuery>,
): Page {
  const after = cursor === undefined ? -1 : all.findIndex((item) => item.id === cursor);
  if (cursor !== undefined && after < 0)
    throw new Refusal(400, words.noSuchCursor, words.cursorBeginAgainWithoutOne, {
      issues: [{ path: "cursor", message: words.notOfThisList }],
    });
  const items = all.slice(after + 1, after + 1 + limit);
  const more = after + 1 + limit < all.length;
  return new Page(items, more ? items.at(-1)?.id : undefined);
}
