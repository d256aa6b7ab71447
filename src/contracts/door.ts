import { z } from "zod";

export const PASSPHRASE_MIN = 10;
const PASSPHRASE_MAX = 200;

const passphrase = z
  .string()
  .min(PASSPHRASE_MIN, `At least ${PASSPHRASE_MIN} characters: four plain words do well.`)
  .max(PASSPHRASE_MAX, `At most ${PASSPHRASE_MAX} characters.`);

export const enterRequest = z.strictObject({ passphrase: z.string().min(1).max(PASSPHRASE_MAX) });

export const setPassphraseRequest = z.strictObject({
  /** The one that holds now; left out where there is none. */
  current: z.string().max(PASSPHRASE_MAX).optional(),
  passphrase,
});
