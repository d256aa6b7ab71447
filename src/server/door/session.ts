import { sealData, unsealData } from "iron-session";
import type { Door } from "./passphrase";

export const SESSION_COOKIE = "iron_crock_session";
/** A device stays signed in so long, s. */
export const SESSION_S = 30 * 24 * 3600;

/** A sealed session of the door's present round. */
export const sealSession = (door: Door): Promise<string> =>
  sealData({ round: door.round }, { password: door.secret, ttl: SESSION_S });

/** Whether a cookie is a session of this door, and of its present round. */
export async function isSession(door: Door, cookie: string | undefined): Promise<boolean> {
  if (cookie === undefined) return false;
  // A broken or outlived seal unseals to nothing.
  const { round } = await unsealData<{ round?: number }>(cookie, {
    password: door.secret,
    ttl: SESSION_S,
  });
  return round === door.round;
}
