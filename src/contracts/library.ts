import { z } from "zod";

const TAGS_MAX = 12;

/** Words a formula is found by. */
export const tagsSchema = z
  .array(z.string().trim().min(1, "A tag is a word.").max(30, "A tag is at most 30 letters."))
  .max(TAGS_MAX, `At most ${TAGS_MAX} tags.`);

/** What is changed of a formula beside its versions. */
export const shelveRequest = z.strictObject({
  tags: tagsSchema.optional(),
  archived: z.boolean().optional(),
});

export const branchRequest = z.strictObject({
  version: z.number().int().min(1),
  name: z.string().trim().min(1, "A branch needs a name of its own.").max(80),
});

export const restoreVersionRequest = z.strictObject({
  version: z.number().int().min(1),
  baseVersion: z.number().int().min(1),
});
