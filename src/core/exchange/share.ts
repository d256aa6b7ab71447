import { deflateSync, inflateSync, strFromU8, strToU8 } from "fflate";

/** A link's fragment never leaves the browser: no server on the way sees what it carries. */
const KEY = "f=";
/** The longest fragment read, characters, and the most it may unpack to, bytes. */
export const FRAGMENT_MOST = 8000;
const UNPACKED_MOST = 64 * 1024;
/** The longest text of a code printed 48 mm wide that a phone still reads: modules of about 0.35 mm. *Practice*. */
export const QR_MOST = 1500;

/** A formula as the fragment of a link: packed (deflate, RFC 1951) and written in base64url (RFC 4648). */
export function fragmentOf(file: object): string {
  const packed = deflateSync(strToU8(JSON.stringify(file)), { level: 9 });
  return KEY + btoa(strFromU8(packed, true)).replaceAll("+", "-").replaceAll("/", "_").replace(/=+$/, "");
}

/**
 * The text that a fragment carries, or a whole link with one.
 * @returns undefined where it carries nothing, is too long, or does not unpack
 */
export function textInFragment(link: string): string | undefined {
  const at = link.lastIndexOf(`#${KEY}`);
  if (at < 0) return undefined;
  const coded = link.slice(at + 1 + KEY.length).trim();
  if (coded.length > FRAGMENT_MOST || !/^[\w-]+$/.test(coded)) return undefined;
  try {
    const packed = strToU8(atob(coded.replaceAll("-", "+").replaceAll("_", "/")), true);
    // Unpacked into a room of fixed size: what is larger does not unpack.
    const room = new Uint8Array(UNPACKED_MOST);
    const text = strFromU8(inflateSync(packed, { out: room }));
    return text.length < UNPACKED_MOST ? text : undefined;
  } catch {
    return undefined;
  }
}
