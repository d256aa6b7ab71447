import { databaseFile } from "../database";
import { Refusal } from "../problem";
import { kitchenDoor } from "./admit";
import { addressOf, countAttempt, forgiveAttempt } from "./attempts";
import { doorFile, isPassphrase, setPassphrase, type Door } from "./passphrase";
import { cookieOf, endSessionOf, sealSession, SESSION_COOKIE, SESSION_S } from "./session";
import * as words from "@/words/server/door/enter";

/** Checks a passphrase, and hands out a session. @throws Refusal 401, 404, 429 */
export async function enter(request: Request, passphrase: string): Promise<Response> {
  const door = kitchenDoor();
  if (!door) throw new Refusal(404, words.noPassphraseSet, words.thisKitchenHasNoPassphrase);
  await weigh(door, passphrase, addressOf(request));
  return withSession(request, door);
}

/** Sets the first passphrase, or changes it: every other device signs in anew. @throws Refusal 401, 429 */
export async function changePassphrase(
  request: Request,
  change: { current?: string | undefined; passphrase: string },
): Promise<Response> {
  const door = kitchenDoor();
  if (door) await weigh(door, change.current ?? "", addressOf(request));
  return withSession(request, await setPassphrase(doorFile(databaseFile()), change.passphrase));
}

async function weigh(door: Door, passphrase: string, address: string): Promise<void> {
  await countAttempt(address);
  if (!(await isPassphrase(door, passphrase)))
    throw new Refusal(401, words.notThePassphrase, words.thatIsNotThisKitchens);
  await forgiveAttempt(address);
}

async function withSession(request: Request, door: Door): Promise<Response> {
  return leaveCookie(request, await sealSession(door), SESSION_S);
}

/** Signs this device out: its session is over, and so is every copy of its cookie. */
export async function leave(request: Request): Promise<Response> {
  const door = kitchenDoor();
  const cookie = cookieOf(request);
  if (door && cookie) await endSessionOf(door, cookie, databaseFile(), Date.now());
  return leaveCookie(request, "", 0);
}

function leaveCookie(request: Request, value: string, seconds: number): Response {
  const tls = (request.headers.get("x-forwarded-proto") ?? new URL(request.url).protocol).startsWith("https");
  const cookie = [
    `${SESSION_COOKIE}=${encodeURIComponent(value)}`,
    "Path=/",
    "HttpOnly",
    "SameSite=Lax",
    `Max-Age=${seconds}`,
    ...(tls ? ["Secure"] : []),
  ].join("; ");
  return new Response(null, { status: 204, headers: { "set-cookie": cookie } });
}
