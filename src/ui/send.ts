import type { Problem } from "@/contracts/requests";
import { KITCHEN_TIME } from "@/contracts/live";
import { heardTime } from "./kitchen-time";
import * as words from "@/words/ui/send";

export type Sent<T> = { ok: true; value: T } | { ok: false; problem: Problem };

/** Sends JSON to this kitchen's server. What it refuses, or a lost connection, comes back as a problem to show. */
export async function send<T>(
  method: "GET" | "POST" | "PUT" | "PATCH" | "DELETE",
  path: string,
  body?: unknown,
): Promise<Sent<T>> {
  return exchange<T>(path, {
    method,
    headers: { "content-type": "application/json" },
    ...(body !== undefined && { body: JSON.stringify(body) }),
  });
}

/** Sends a file as it is. */
export const sendFile = <T>(path: string, file: File): Promise<Sent<T>> =>
  exchange<T>(path, { method: "POST", headers: { "content-type": file.type }, body: file });

/** Asks this kitchen's server for something to show. */
export const read = <T>(path: string): Promise<Sent<T>> => exchange<T>(path, {});

async function exchange<T>(path: string, init: RequestInit): Promise<Sent<T>> {
  try {
    const askedMs = Date.now();
    const response = await fetch(path, init);
    const serverTime = response.headers?.get(KITCHEN_TIME);
    if (serverTime) heardTime(Number(serverTime), askedMs, Date.now());
    if (response.ok)
      return { ok: true, value: (response.status === 204 ? undefined : await response.json()) as T };
    return {
      ok: false,
      problem: problemIn(await response.json().catch(() => null)) ?? failure(response.status),
    };
  } catch {
    return {
      ok: false,
      problem: { ...failure(0), title: words.noAnswerFromTheKitchens, detail: LOST },
    };
  }
}

/** What this kitchen's server says when it will not do something; undefined for anything else that answered. */
function problemIn(body: unknown): Problem | undefined {
  if (typeof body !== "object" || body === null) return undefined;
  const said = body as Partial<Problem>;
  if (typeof said.title !== "string" || typeof said.detail !== "string") return undefined;
  if (typeof said.status !== "number") return undefined;
  return { type: "about:blank", issues: [], ...said } as Problem;
}

const LOST = words.noAnswerCameSoIt;

const failure = (status: number): Problem => ({
  type: "about:blank",
  title: words.somethingBroke,
  status,
  detail: words.theKitchensServerHitA,
  issues: [],
});
