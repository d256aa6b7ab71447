import { createHash } from "node:crypto";
import { z } from "zod";
import { CALENDAR } from "@/contracts/door";
import { database, databaseFile } from "../database";
import { bearerOf, tokensFile, type Token } from "../door/tokens";
import { dropWorkFile } from "../heavy/work-files";
import { answer, download, downloadFile, mayWrite, readBody, saveFile } from "../http";
import { Refusal, refusalFromIssues } from "../problem";
import { FileAnswer, FileOnDisk, scopeOf, type Call, type Operation } from "./operation";
import { OPERATIONS } from "./operations";
import { openApi } from "./open-api";
import { Page } from "./paged";
import { schemaFile } from "./schemas";
import { heldBy, tagOf } from "./tags";
import * as words from "@/words/server/api/serve";

/** Answers a request under /api/v1 by the operation its path and method name. */
export function serveApi(request: Request, parts: string[]): Promise<Response> {
  return answer(async () => {
    const [first, second, ...more] = parts;
    if (first === undefined || (first === "openapi.json" && second === undefined))
      return Response.json(openApi());
    if (first === "schemas" && second !== undefined && more.length === 0)
      return Response.json(schemaFile(second));
    const { operation, path } = found(request.method.toLowerCase(), parts);
    return reply(operation, request, path);
  });
}

/** @throws Refusal 404, or 405 with what the path takes */
function found(method: string, parts: string[]): { operation: Operation; path: Record<string, string> } {
  const here = OPERATIONS.flatMap((operation) => {
    const path = matched(operation.path, parts);
    return path ? [{ operation, path }] : [];
  });
  // A name in the path goes before a part that may be any.
  const [first] = here
    .filter(({ operation }) => operation.method === method)
    .sort((a, b) => Object.keys(a.path).length - Object.keys(b.path).length);
  if (first) return first;
  if (here.length === 0) throw new Refusal(404, words.notFound, words.thereIsNoSuchPath);
  const allowed = [...new Set(here.map((h) => h.operation.method.toUpperCase()))].join(", ");
  throw new Refusal(405, words.notThatWay, words.thisPathTakes(allowed), {}, { allow: allowed });
}

async function reply(
  operation: Operation,
  request: Request,
  path: Record<string, string>,
): Promise<Response> {
  if (operation.method !== "get") await mayWrite(request);
  reaches(bearerOf(request, tokensFile(databaseFile())), operation);
  const call: Call = {
    db: database(),
    nowMs: Date.now(),
    path,
    query: queryOf(operation, request),
    ...(await sent(operation, request)),
    keyedId: operation.makes ? keyedId(operation, request) : undefined,
  };
  const guard = OPERATIONS.find((o) => o.id === operation.guards);
  if (guard) await heldBy(request, async () => body(guard, await guard.run(call)));
  const result = await Promise.resolve(operation.run(call)).finally(
    () => call.file && dropWorkFile(call.file),
  );
  if (result instanceof FileOnDisk) return downloadFile(result.file, result.media, result.name);
  if (result instanceof FileAnswer) return download(result.content, result.media, result.name);
  if (operation.status === 204) return new Response(null, { status: 204 });
  const text = body(operation, result);
  const headers = new Headers({ "content-type": "application/json", "cache-control": "no-store" });
  if (result instanceof Page && result.cursor !== undefined)
    headers.set("link", `<${nextPage(request, result.cursor)}>; rel="next"`);
  if (operation.method === "get") {
    headers.set("etag", tagOf(text));
    if (request.headers.get("if-none-match") === tagOf(text))
      return new Response(null, { status: 304, headers });
  }
  return new Response(text, { status: operation.status, headers });
}

const REACH = { read: 0, readings: 1, all: 2 } as const;

/** A session reaches everything; a token what it was made for. @throws Refusal 403 */
function reaches(token: Token | undefined, operation: Operation): void {
  if (!token || token.scope === CALENDAR) return;
  const wanted = scopeOf(operation);
  if (REACH[token.scope] < REACH[wanted])
    throw new Refusal(
      403,
      words.notWithThisToken,
      words.mayOnlyLookThisWants({ tokenName: token.name, scope: token.scope, wanted }),
    );
}

/** What is given is what the document says: nothing more slips out. */
const body = ({ response }: Operation, result: unknown): string =>
  JSON.stringify(response?.parse(result instanceof Page ? result.items : result));

/** @throws Refusal 400, 413, 415 */
async function sent(operation: Operation, request: Request): Promise<Pick<Call, "body" | "file">> {
  if (operation.body) return { body: await readBody(request, operation.body), file: "" };
  if (!operation.takes) return { body: undefined, file: "" };
  const { media, mostBytes } = operation.takes;
  if (!(request.headers.get("content-type") ?? "").startsWith(media))
    throw new Refusal(415, words.anotherKindOfBody, words.sendTheBodyAs(media));
  return { body: undefined, file: await saveFile(request, mostBytes) };
}

/** @throws Refusal 400 naming what is not asked like that */
function queryOf({ query }: Operation, request: Request): unknown {
  const asked = Object.fromEntries(new URL(request.url).searchParams);
  const read = (query ?? z.strictObject({})).safeParse(asked);
  if (!read.success) throw refusalFromIssues(read.error);
  return read.data;
}

const KEY_MOST = 200;

/** A UUID of the sender's own key (RFC 9562, version 8): the same key for the same operation names the same thing. */
function keyedId({ id }: Operation, request: Request): string | undefined {
  const key = request.headers.get("idempotency-key");
  if (key === null) return undefined;
  if (key.length === 0 || key.length > KEY_MOST)
    throw new Refusal(400, words.notUnderstood, words.idempotencyKeyBetween1And(KEY_MOST));
  const hex = createHash("sha256").update(`${id}\n${key}`).digest("hex");
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-8${hex.slice(13, 16)}-a${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}

function nextPage(request: Request, cursor: string): string {
  const url = new URL(request.url);
  url.searchParams.set("cursor", cursor);
  return url.pathname + url.search;
}

/** Parts of a path by the names a template gives them; undefined where it is another path. */
function matched(template: string, parts: string[]): Record<string, string> | undefined {
  const wanted = template.split("/").slice(1);
  if (wanted.length !== parts.length) return undefined;
  const path: Record<string, string> = {};
  for (const [i, part] of parts.entries()) {
    const name = /^\{(\w+)\}$/.exec(wanted[i] ?? "")?.[1];
    if (name) path[name] = part;
    else if (part !== wanted[i]) return undefined;
  }
  return path;
}
