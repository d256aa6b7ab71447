import type { z } from "zod";
import * as words from "@/words/server/problem";
import { firstOf } from "@/core/sequence";

/** A refusal with a reason: thrown by services, turned into a 4xx answer at the door. */
export class Refusal extends Error {
  constructor(
    readonly status: 400 | 401 | 403 | 404 | 405 | 409 | 412 | 413 | 415 | 422 | 429 | 503 | 507,
    readonly title: string,
    detail: string,
    readonly extra: { issues?: { path: string; message: string }[]; currentVersion?: number } = {},
    readonly headers: Record<string, string> = {},
  ) {
    super(detail);
  }
}

export const notFound = (what: string) => new Refusal(404, words.notFound, words.thereIsNoSuchIn(what));

/** Of an act whose time is ahead of the kitchen's clock. */
export const notYet = () =>
  new Refusal(422, words.notYet, words.anActIsDoneNow, {
    issues: [{ path: "atMs", message: words.notLaterThanNow }],
  });

/** Zod's findings as a refusal that names each field. */
export function refusalFromIssues(error: z.ZodError): Refusal {
  const issues = error.issues
    .flatMap((issue) => nearest(issue))
    .map((issue) => ({ path: issue.path.join("."), message: issue.message }));
  const first = firstOf(issues);
  const where = first.path === "" ? "" : `${first.path}: `;
  return new Refusal(400, words.notUnderstood, `${where}${first.message}`, { issues });
}

type Issue = { path: PropertyKey[]; message: string };

/** Of several ways a value may be right, what is wrong by the way it comes nearest to. */
function nearest(issue: z.core.$ZodIssue): Issue[] {
  if (issue.code !== "invalid_union" || issue.errors.length === 0) return [issue];
  const ways = issue.errors.map((way) => way.flatMap(nearest));
  const best = firstOf(ways.sort((a, b) => a.length - b.length));
  return best.map(({ path, message }) => ({ path: [...issue.path, ...path], message }));
}

/** The code of a fault of the disk or the database; "" for any other. */
export const codeOf = (error: unknown): string =>
  typeof error === "object" && error !== null && "code" in error ? String(error.code) : "";

/** What the disk would not do, in the cook's words; undefined for any other fault. */
export function storageProblem(error: unknown): Refusal | undefined {
  const code = codeOf(error);
  if (code === "SQLITE_FULL" || code === "ENOSPC")
    return new Refusal(507, words.theDiskIsFull, words.theDiskOfTheKitchens);
  if (code.startsWith("SQLITE_READONLY") || code === "EROFS" || code === "EACCES")
    return new Refusal(503, words.theKitchenCanOnlyBe, words.theKitchensDatabaseMayNot);
  if (code.startsWith("SQLITE_BUSY"))
    return new Refusal(503, words.theKitchenIsBusy, words.somethingElseHeldTheKitchens);
  return undefined;
}
