import { z } from "zod";
import { PASSPHRASE_MIN } from "./figures";
import * as words from "@/words/contracts/door";

const PASSPHRASE_MAX = 200;

const passphrase = z
  .string()
  .min(PASSPHRASE_MIN, words.atLeastCharactersFourPlain(PASSPHRASE_MIN))
  .max(PASSPHRASE_MAX, words.atMostCharacters(PASSPHRASE_MAX));

export const enterRequest = z.strictObject({ passphrase: z.string().min(1).max(PASSPHRASE_MAX) });

export const setPassphraseRequest = z.strictObject({
  /** The one that holds now; left out where there is none. */
  current: z.string().max(PASSPHRASE_MAX).optional(),
  passphrase,
});

/** How far a token reaches: look, look and send readings, or everything. */
export const tokenScope = z.enum(["read", "readings", "all"]);
export type TokenScope = z.infer<typeof tokenScope>;
/** What a calendar's secret address opens: one sitting's acts, and nothing else. */
export const CALENDAR = "calendar";
export const TOKENS_MOST = 60;

export const makeTokenRequest = z.strictObject({
  name: z.string().trim().min(1, words.sayWhatItIsFor).max(60),
  scope: tokenScope,
});

export interface TokenView {
  id: string;
  name: string;
  scope: TokenScope | typeof CALENDAR;
  sittingId: string | null;
  createdAtMs: number;
}
