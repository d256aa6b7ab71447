import { z } from "zod";
import type { TokenScope } from "@/contracts/door";
import type { WholeDb } from "../database";

/** What an operation is given: checked already, but for what only the kitchen knows. */
export interface Call<B = unknown, Q = unknown, N extends string = string> {
  db: WholeDb;
  nowMs: number;
  /** Parts of the path by name. */
  path: Record<N, string>;
  query: Q;
  body: B;
  /** A body that is no JSON: the file it was written into. */
  file: string;
  /** An id that stands for the sender's idempotency key: the same key makes the same thing once. */
  keyedId: string | undefined;
}

export type Tag =
  | "tables"
  | "compute"
  | "recipes"
  | "formulas"
  | "batches"
  | "work"
  | "readings"
  | "sittings"
  | "kitchen"
  | "taste";

/** One operation of the API: where it is, what it takes and gives, and what does it. */
export interface Operation {
  id: string;
  method: "get" | "post" | "put" | "patch" | "delete";
  /** As OpenAPI writes it: /formulas/{id}. */
  path: string;
  summary: string;
  tag: Tag;
  query?: z.ZodObject;
  /** JSON; with an example that is right as it stands. */
  body?: z.ZodType;
  example?: unknown;
  /** A body of another kind, and its most bytes. */
  takes?: { media: string; mostBytes: number };
  status: 200 | 201 | 204;
  /** JSON; left out where nothing, or something else, comes back. */
  response?: z.ZodType;
  /** Media types of an answer that is no JSON. */
  gives?: readonly string[];
  /** What it needs of a token; by its method where left out. */
  scope?: TokenScope;
  /** Makes something new: an idempotency key is heeded. */
  makes?: boolean;
  /** The operation that reads what this one changes: `If-Match` holds its tag. */
  guards?: string;
  run: (call: Call) => unknown;
}

export const scopeOf = ({ scope, method }: Operation): TokenScope =>
  scope ?? (method === "get" ? "read" : "all");

/** The names in a path: "id" and "actId" of /batches/{id}/acts/{actId}. */
type NamesIn<P extends string> = P extends `${string}{${infer Name}}${infer Rest}`
  ? Name | NamesIn<Rest>
  : never;

type Typed<P extends string, B extends z.ZodType, Q extends z.ZodObject> = Omit<
  Operation,
  "run" | "path" | "body" | "query" | "status"
> & {
  path: P;
  body?: B;
  query?: Q;
  status?: Operation["status"];
  run: (call: Call<z.infer<B>, z.infer<Q>, NamesIn<P>>) => unknown;
};

const USUAL_STATUS: Record<Operation["method"], Operation["status"]> = {
  get: 200,
  post: 201,
  put: 200,
  patch: 200,
  delete: 204,
};

/** An operation whose `run` knows what its contracts say; read against them at the door. */
export const operation = <
  P extends string,
  B extends z.ZodType = z.ZodUnknown,
  Q extends z.ZodObject = z.ZodObject,
>(
  typed: Typed<P, B, Q>,
): Operation => ({
  status: USUAL_STATUS[typed.method],
  ...typed,
  run: (call) => typed.run(call as Call<z.infer<B>, z.infer<Q>, NamesIn<P>>),
});

/** Of a table: 1.5 and commas, or 1,5 and semicolons. Another program is told, not guessed for. */
export const decimalQuery = z.strictObject({
  decimal: z.enum(["point", "comma"]).default("point").describe("1.5 and commas, or 1,5 and semicolons"),
});

/** A file as an answer; it goes when it was sent. */
export class FileOnDisk {
  constructor(
    readonly file: string,
    readonly media: string,
    readonly name: string,
  ) {}
}

/** A text or file as an answer. */
export class FileAnswer {
  constructor(
    readonly content: string | Uint8Array<ArrayBuffer>,
    readonly media: string,
    readonly name: string,
  ) {}
}
