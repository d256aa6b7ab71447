import { carriedFormula, type FormulaFile } from "@/core/exchange/formula-file";
import type { Result } from "@/core/result";

/**
 * The formula of another kitchen in what was pasted, checked; undefined where it carries none. What checks it is fetched
 * only then.
 */
export async function carriedIn(text: string): Promise<Result<FormulaFile, string> | undefined> {
  if (carriedFormula(text) === undefined) return undefined;
  return (await import("@/contracts/formula-file")).readFormulaFile(text);
}
