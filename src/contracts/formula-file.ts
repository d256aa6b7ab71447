import { z } from "zod";
import {
  carriedFormula,
  FORMULA_FORMAT,
  FORMULA_VERSION,
  type FormulaFile,
} from "@/core/exchange/formula-file";
import { err, ok, type Result } from "@/core/result";
import { formulationSchema } from "./formulation";
import { tagsSchema } from "./library";
import { firstOf } from "@/core/sequence";
import * as words from "@/words/contracts/formula-file";

export const formulaFileSchema = z.strictObject({
  format: z.literal(FORMULA_FORMAT),
  version: z.literal(FORMULA_VERSION),
  formulation: formulationSchema,
  tags: tagsSchema.default([]),
}) satisfies z.ZodType<FormulaFile>;

/**
 * The formula a text carries, checked.
 * @returns undefined where it carries none; what does not read, where it carries a broken one
 */
export function readFormulaFile(text: string): Result<FormulaFile, string> | undefined {
  const carried = carriedFormula(text);
  if (carried === undefined) return undefined;
  const read = formulaFileSchema.safeParse(carried);
  if (read.success) return ok(read.data);
  const version = (carried as { version?: unknown }).version;
  if (typeof version === "number" && version > FORMULA_VERSION)
    return err(words.thisFormulaWasWrittenBy(FORMULA_VERSION));
  const issue = firstOf(read.error.issues);
  return err(words.theFormulaInItDoes(issue.path.join("."), issue.message));
}
