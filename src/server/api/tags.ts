import { createHash } from "node:crypto";
import { Refusal } from "../problem";
import * as words from "@/words/server/api/tags";

/** The entity tag of an answer (RFC 9110, 8.8.3): another text, another tag. */
export const tagOf = (text: string): string =>
  `"${createHash("sha256").update(text).digest("base64url").slice(0, 22)}"`;

/**
 * Holds a change to what its sender last saw, where it says so.
 * @param present what it changes, as it is read now
 * @throws Refusal 412 where that is something else by now
 */
export async function heldBy(request: Request, present: () => Promise<string>): Promise<void> {
  const wanted = request.headers.get("if-match");
  if (wanted === null || wanted === "*") return;
  const tag = tagOf(await present());
  if (wanted.split(",").some((one) => one.trim() === tag)) return;
  throw new Refusal(412, words.changedMeanwhile, words.ifMatchItIsNot, {}, { etag: tag });
}
