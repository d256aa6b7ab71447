import { randomBytes, scrypt, timingSafeEqual } from "node:crypto";
import { z } from "zod";
import { keptFile } from "./kept-file";

/**
 * The passphrase of a kitchen, kept beside its database and not in it: no snapshot or archive ever carries it.
 * Hash: scrypt (RFC 7914), N = 2¹⁷, r = 8, p = 1, OWASP's counsel for passwords, *from memory*.
 */
const COST = { N: 2 ** 17, r: 8, p: 1 };
const MEMORY_MOST = 256 * 1024 * 1024;
const HASH_BYTES = 32;

const doorSchema = z.strictObject({
  salt: z.string(),
  hash: z.string(),
  /** What the hash cost to make: a dearer one, some day, leaves old doors readable. */
  cost: z.strictObject({ N: z.number().int(), r: z.number().int(), p: z.number().int() }).default(COST),
  /** Seals the session cookies. */
  secret: z.string().min(32),
  /** Sessions of an earlier round are over. */
  round: z.number().int(),
});
export type Door = z.infer<typeof doorSchema>;

const kept = keptFile(doorSchema);

export const doorFile = (databaseFile: string): string => `${databaseFile}.door.json`;

/** The kitchen's door; null where no passphrase was ever set. @throws where the file is there and does not read */
export const readDoor = (file: string): Door | null => kept.read(file) ?? null;

/** Sets or changes the passphrase; every session is over. */
export async function setPassphrase(file: string, passphrase: string, cost = COST): Promise<Door> {
  const salt = randomBytes(16).toString("hex");
  const hash = (await hashOf(passphrase, salt, cost)).toString("hex");
  const door = {
    salt,
    hash,
    cost,
    secret: randomBytes(32).toString("hex"),
    round: (readDoor(file)?.round ?? 0) + 1,
  };
  kept.keep(file, door);
  return door;
}

/** Ends every session on every device. */
export function endAllSessions(file: string): void {
  const door = readDoor(file);
  if (door) kept.keep(file, { ...door, round: door.round + 1 });
}

export async function isPassphrase(door: Door, passphrase: string): Promise<boolean> {
  return timingSafeEqual(await hashOf(passphrase, door.salt, door.cost), Buffer.from(door.hash, "hex"));
}

function hashOf(passphrase: string, salt: string, cost: Door["cost"]): Promise<Buffer> {
  return new Promise((resolve, reject) =>
    scrypt(passphrase.normalize("NFKC"), salt, HASH_BYTES, { ...cost, maxmem: MEMORY_MOST }, (error, key) =>
      error ? reject(error) : resolve(key),
    ),
  );
}
