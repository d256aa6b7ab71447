import { z } from "zod";
import * as words from "@/words/contracts/library";

const TAGS_MAX = 12;

/** Words a formula is found by. */
export const tagsSchema = z
  .array(z.string().trim().min(1, words.aTagIsAWord).max(30, words.aTagIsAtMost))
  .max(TAGS_MAX, words.atMostTags(TAGS_MAX));

/** What is changed of a formula beside its versions. */
export const shelveRequest = z.strictObject({
  tags: tagsSchema.optional(),
  archived: z.boolean().optional(),
});

export const branchRequest = z.strictObject({
  version: z.number().int().min(1),
  name: z.string().trim().min(1, words.aBranchNeedsAName).max(80),
});

export const restoreVersionRequest = z.strictObject({
  version: z.number().int().min(1),
  baseVersion: z.number().int().min(1),
});
