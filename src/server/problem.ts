import type { z } from "zod";

/** A refusal with a reason: thrown by services, turned into a 4xx answer at the door. */
export class Refusal extends Error {
  constructor(
    readonly status: 400 | 404 | 409 | 413 | 415 | 422 | 403,
    readonly title: string,
    detail: string,
    readonly extra: { issues?: { path: string; message: string }[]; currentVersion?: number } = {},
  ) {
    super(detail);
  }
}

export const notFound = (what: string) =>
  new Refusal(404, "Not found", `There is no such ${what} in this kitchen.`);

/** Zod's findings as a refusal that names each field. */
export function refusalFromIssues(error: z.ZodError): Refusal {
  const issues = error.issues.map((issue) => ({ path: issue.path.join("."), message: issue.message }));
  const first = issues[0];
  const where = first.path === "" ? "" : `${first.path}: `;
  return new Refusal(400, "Not understood", `${where}${first.message}`, { issues });
}
