import { createHash, randomBytes, randomUUID, timingSafeEqual } from "node:crypto";
import { z } from "zod";
import { CALENDAR, TOKENS_MOST, tokenScope, type TokenView } from "@/contracts/door";
import { Refusal } from "../problem";
import { keptFile } from "./kept-file";
import * as words from "@/words/server/door/tokens";

/**
 * Tokens of scripts, bridges and calendars, kept beside the database as the passphrase is: no snapshot or archive carries
 * them, and none that was taken back comes in again. Only hashes are kept; a token is 32 random bytes, so a plain one does.
 */
const tokenSchema = z.strictObject({
  id: z.string(),
  name: z.string(),
  scope: z.union([tokenScope, z.literal(CALENDAR)]),
  /** The sitting a calendar follows. */
  sittingId: z.string().optional(),
  hash: z.string(),
  createdAtMs: z.number(),
});
export type Token = z.infer<typeof tokenSchema>;

export const tokensFile = (databaseFile: string): string => `${databaseFile}.tokens.json`;

const kept = keptFile(z.array(tokenSchema));
const tokensIn = (file: string): readonly Token[] => kept.read(file) ?? [];

const hashOf = (secret: string): Buffer => createHash("sha256").update(secret).digest();

/**
 * A new token.
 * @returns its secret, which is nowhere else and told once
 * @throws Refusal 422 where there are as many as are kept
 */
export function makeToken(
  file: string,
  { name, scope, sittingId }: Pick<Token, "name" | "scope" | "sittingId">,
  nowMs: number,
): { id: string; secret: string } {
  const tokens = tokensIn(file);
  if (tokens.length >= TOKENS_MOST)
    throw new Refusal(422, words.tooManyTokens, words.atMostTakeOneBack(TOKENS_MOST));
  const secret = `crock_${randomBytes(32).toString("base64url")}`;
  const id = randomUUID();
  const token = { id, name, scope, ...(sittingId && { sittingId }), createdAtMs: nowMs };
  kept.keep(file, [...tokens, { ...token, hash: hashOf(secret).toString("hex") }]);
  return { id, secret };
}

/** What a secret opens; undefined where none of this kitchen's is it. */
export function tokenOf(file: string, secret: string): Token | undefined {
  const hash = hashOf(secret);
  return tokensIn(file).find((t) => timingSafeEqual(Buffer.from(t.hash, "hex"), hash));
}

export const listTokens = (file: string): TokenView[] =>
  tokensIn(file).map(({ id, name, scope, sittingId, createdAtMs }) => ({
    id,
    name,
    scope,
    sittingId: sittingId ?? null,
    createdAtMs,
  }));

/** It opens nothing from now on. @returns whether there was such a token */
export function revokeToken(file: string, id: string): boolean {
  const tokens = tokensIn(file);
  const left = tokens.filter((t) => t.id !== id);
  if (left.length === tokens.length) return false;
  kept.keep(file, left);
  return true;
}

/** The token a request brings (RFC 6750); undefined where it brings none. @throws Refusal 401 where it is none of this kitchen's */
export function bearerOf(request: Request, file: string): Token | undefined {
  const header = request.headers.get("authorization");
  if (header === null) return undefined;
  const secret = /^Bearer\s+(\S+)$/i.exec(header)?.[1];
  const token = secret === undefined ? undefined : tokenOf(file, secret);
  if (token && token.scope !== CALENDAR) return token;
  throw new Refusal(
    401,
    words.notAToken,
    words.thisKitchenHasNoSuch,
    {},
    { "www-authenticate": 'Bearer error="invalid_token"' },
  );
}
