import { ZodError } from "zod";
import { codeOf, Refusal } from "../problem";

/** An error as it can be sent from one thread to another: classes do not go along. */
export type Thrown =
  | ({ kind: "refusal"; status: Refusal["status"]; title: string; detail: string } & Pick<
      Refusal,
      "extra" | "headers"
    >)
  | { kind: "unread"; issues: string }
  | { kind: "fault"; message: string; code: string; stack: string };

export function thrownOf(error: unknown): Thrown {
  if (error instanceof Refusal) {
    const { status, title, message, extra, headers } = error;
    return { kind: "refusal", status, title, detail: message, extra, headers };
  }
  if (error instanceof ZodError) return { kind: "unread", issues: JSON.stringify(error.issues) };
  const { message, stack } = error instanceof Error ? error : new Error(String(error));
  return { kind: "fault", message, code: codeOf(error), stack: stack ?? "" };
}

export function errorOf(thrown: Thrown): Error {
  switch (thrown.kind) {
    case "refusal":
      return new Refusal(thrown.status, thrown.title, thrown.detail, thrown.extra, thrown.headers);
    case "unread":
      return new ZodError(JSON.parse(thrown.issues) as ZodError["issues"]);
    case "fault": {
      const error = new Error(thrown.message);
      error.stack = thrown.stack;
      return thrown.code ? Object.assign(error, { code: thrown.code }) : error;
    }
  }
}
