import { createWriteStream } from "node:fs";
import { pipeline } from "node:stream/promises";
import { randomUUID } from "node:crypto";
import { create as contentDisposition } from "content-disposition";
import { ZodError, type z } from "zod";
import { boundedJson } from "./exchange/bounded-json";
import { freeToWrite } from "./heavy/pool";
import { fileBy, streamOf } from "./heavy/work-files";
import { log } from "./log";
import { Refusal, refusalFromIssues, storageProblem } from "./problem";
import * as words from "@/words/server/http";

const BODY_LIMIT_BYTES = 256 * 1024;

/** Runs a handler; refusals become problem+json (RFC 9457), anything else is a bug and answers 500. */
export async function answer(handler: () => Promise<Response> | Response): Promise<Response> {
  try {
    return await handler();
  } catch (error) {
    if (error instanceof Refusal) return problemResponse(error);
    const unwritten = storageProblem(error);
    if (unwritten) return problemResponse(unwritten);
    const id = randomUUID().slice(0, 8);
    log.error({ fault: id, err: error }, "fault");
    if (error instanceof ZodError)
      return problem(500, words.storedDataIsDamaged, words.aStoredRecordDoesNotRead(id));
    return problem(500, words.somethingBroke, words.theServerHitAFault(id));
  }
}

/** A refusal as problem+json. */
export const problemResponse = (refusal: Refusal): Response =>
  problem(refusal.status, refusal.title, refusal.message, refusal.extra, refusal.headers);

function problem(
  status: number,
  title: string,
  detail: string,
  extra: Refusal["extra"] = {},
  headers: Record<string, string> = {},
): Response {
  return Response.json(
    { type: "about:blank", title, status, detail, issues: extra.issues ?? [], ...extra },
    {
      status,
      headers: { ...headers, "content-type": "application/problem+json", "cache-control": "no-store" },
    },
  );
}

/**
 * Reads and checks a JSON body. Only this kitchen's own pages may write: a request that names another origin is
 * refused.
 */
export async function readBody<T>(request: Request, schema: z.ZodType<T>): Promise<T> {
  checkOrigin(request);
  const type = request.headers.get("content-type") ?? "";
  if (!type.startsWith("application/json"))
    throw new Refusal(415, words.notJson, words.sendTheBodyAsApplication);
  const parsed = schema.safeParse(boundedJson(await readText(request, BODY_LIMIT_BYTES)));
  await freeToWrite();
  if (!parsed.success) throw refusalFromIssues(parsed.error);
  return parsed.data;
}

/** Reads a body as bytes, and stops at the limit. @throws Refusal 413 */
export async function readFile(request: Request, limitBytes: number): Promise<Buffer> {
  const chunks: Uint8Array[] = [];
  let size = 0;
  for await (const chunk of request.body ?? []) {
    size += chunk.length;
    if (size > limitBytes) throw new Refusal(413, words.tooLarge, words.atMostPlease(sizeText(limitBytes)));
    chunks.push(chunk);
  }
  return Buffer.concat(chunks);
}

/** Writes a body into a file of ours, and stops at the limit: a kitchen's archive is no thing to hold in memory. @throws Refusal 413 */
export async function saveFile(request: Request, limitBytes: number): Promise<string> {
  await freeToWrite();
  let size = 0;
  async function* within() {
    for await (const chunk of request.body ?? []) {
      size += chunk.length;
      if (size > limitBytes) throw new Refusal(413, words.tooLarge, words.atMostPlease(sizeText(limitBytes)));
      yield chunk;
    }
  }
  return fileBy((file) => pipeline(within(), createWriteStream(file, { mode: 0o600 })));
}

/** Reads a body as UTF-8 text, and stops at the limit. @throws Refusal 413 */
export const readText = async (request: Request, limitBytes: number): Promise<string> =>
  (await readFile(request, limitBytes)).toString("utf8");

/**
 * Before a write that has no body to be read: from where it comes, and that nothing else holds the right to write.
 * @throws Refusal 403
 */
export async function mayWrite(request: Request): Promise<void> {
  checkOrigin(request);
  await freeToWrite();
}

/** @throws Refusal 403 when a browser says the request comes from another site's page */
export function checkOrigin(request: Request): void {
  const origin = request.headers.get("origin");
  if (origin === null) return;
  const host = request.headers.get("host");
  if (host === null || !URL.canParse(origin) || new URL(origin).host !== host)
    throw new Refusal(403, words.anotherSite, words.onlyThisKitchensOwnPages);
}

const sizeText = (bytes: number): string =>
  bytes < 1024 * 1024 ? `${Math.round(bytes / 1024)} kB` : `${Math.round(bytes / 1024 / 1024)} MB`;

/** A file of ours as a download; it is gone when it was sent. */
export const downloadFile = (file: string, mime: string, name: string): Response =>
  new Response(streamOf(file), { headers: namedHeaders(mime, name) });

/** Something to be kept as a file, under its own name less the signs that some file system does not take. */
export function download(
  content: string | Uint8Array<ArrayBuffer> | ReadableStream<Uint8Array>,
  mime: string,
  name: string,
): Response {
  const type = typeof content === "string" ? `${mime}; charset=utf-8` : mime;
  return new Response(content, { headers: namedHeaders(type, name) });
}

function namedHeaders(type: string, name: string): Record<string, string> {
  const safe = name.replace(/[\p{Cc}/\\:*?"<>|]+/gu, "-");
  return {
    "content-type": type,
    "content-disposition": contentDisposition(safe, { fallback: name.replace(/[^\w.-]+/g, "-") }),
    "cache-control": "no-store",
  };
}
