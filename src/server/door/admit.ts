import { checkOrigin } from "../http";
import { Refusal } from "../problem";
import { databaseFile } from "../database";
import { doorFile, readDoor, type Door } from "./passphrase";
import { bearerOf, tokensFile } from "./tokens";
import { cookieOf, isSession } from "./session";
import * as words from "@/words/server/door/admit";

const LOOPBACK = /^(localhost|127(?:\.\d{1,3}){3}|\[::1\])(?::\d+)?$/i;

const API = "/api/v1/";
const FEEDS = `${API}feeds/`;

export const kitchenDoor = (): Door | null => readDoor(doorFile(databaseFile()));

/** Asked for by a page or a program that has no session yet: the door itself, and what it is drawn with. */
const isDoorway = (pathname: string): boolean =>
  pathname === "/enter" ||
  pathname === "/api/door/session" ||
  pathname === "/api/alive" ||
  pathname === "/api/ready" ||
  // The secret is in the address: who has it may read that one sitting's acts.
  pathname.startsWith(FEEDS);

/**
 * Whether a request comes in. Without a passphrase only this machine is answered, under its own names: a name that
 * points here from elsewhere is refused as well.
 * @throws Refusal 401 when it must sign in, 403 when it may not come in this way
 */
export async function admit(request: Request): Promise<void> {
  const { pathname } = new URL(request.url);
  const isWrite = request.method !== "GET" && request.method !== "HEAD";
  if (isWrite) checkOrigin(request);
  const door = kitchenDoor();
  if (!door) {
    if (LOOPBACK.test(request.headers.get("host") ?? "")) return;
    throw new Refusal(403, words.noPassphraseSet, words.thisKitchenHasNoPassphrase);
  }
  // How far it reaches is asked where the operation is known.
  if (pathname.startsWith(API) && bearerOf(request, tokensFile(databaseFile()))) return;
  if (isDoorway(pathname) || (await isSession(door, cookieOf(request), databaseFile()))) return;
  throw new Refusal(
    401,
    words.signInFirst,
    words.giveTheKitchensPassphraseTo,
    {},
    { "www-authenticate": "Bearer" },
  );
}

/** Whether it still comes in: asked of what stays open, such as a stream. */
export async function isAdmitted(request: Request): Promise<boolean> {
  try {
    await admit(request);
    return true;
  } catch (error) {
    if (error instanceof Refusal) return false;
    throw error;
  }
}
