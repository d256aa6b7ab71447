import { randomUUID } from "node:crypto";
import { sealData, unsealData } from "iron-session";
import { endedFile, endSession, isEnded } from "./ended";
import type { Door } from "./passphrase";

export const SESSION_COOKIE = "iron_crock_session";
/** A device stays signed in so long, s. */
export const SESSION_S = 30 * 24 * 3600;

interface Session {
  round?: number;
  id?: string;
}

/** A sealed session of the door's present round, with an id of its own. */
export const sealSession = (door: Door): Promise<string> =>
  sealData({ round: door.round, id: randomUUID() } satisfies Session, {
    password: door.secret,
    ttl: SESSION_S,
  });

/** A broken or outlived seal unseals to nothing. */
const unsealed = (door: Door, cookie: string): Promise<Session> =>
  unsealData<Session>(cookie, { password: door.secret, ttl: SESSION_S });

/** Whether a cookie is a session of this door, of its present round, and was not signed out. */
export async function isSession(
  door: Door,
  cookie: string | undefined,
  databaseFile: string,
): Promise<boolean> {
  if (cookie === undefined) return false;
  const { round, id } = await unsealed(door, cookie);
  return round === door.round && (id === undefined || !isEnded(endedFile(databaseFile), id));
}

/** Signed out: a copy of the cookie opens nothing from now on. */
export async function endSessionOf(
  door: Door,
  cookie: string,
  databaseFile: string,
  nowMs: number,
): Promise<void> {
  const { id } = await unsealed(door, cookie);
  if (id !== undefined) endSession(endedFile(databaseFile), id, nowMs + SESSION_S * 1000, nowMs);
}

/** The session's cookie of a request, where it brings one. */
export function cookieOf(request: Request): string | undefined {
  const cookies = (request.headers.get("cookie") ?? "").split(/;\s*/);
  const found = cookies.find((c) => c.startsWith(`${SESSION_COOKIE}=`));
  if (found === undefined) return undefined;
  const value = found.slice(SESSION_COOKIE.length + 1);
  try {
    return decodeURIComponent(value);
  } catch {
    // What is no text of ours is no session.
    return value;
  }
}
