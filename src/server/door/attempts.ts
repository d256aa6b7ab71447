import {
  RateLimiterMemory,
  RateLimiterRes,
  RateLimiterSQLite,
  type RateLimiterAbstract,
} from "rate-limiter-flexible";
import { databaseFile, openOwnersOnly } from "../database";
import { Refusal } from "../problem";
import * as words from "@/words/server/door/attempts";

/** So many wrong passphrases in so many seconds from one address, and from all together; devices that are in stay in. */
const FROM_ONE = 8;
const FROM_ALL = 40;
const WITHIN_S = 10 * 60;
const EVERYBODY = "all";

interface Counters {
  one: RateLimiterAbstract;
  all: RateLimiterAbstract;
}

const held = globalThis as { ironCrockAttempts?: Promise<Counters> & { file?: string } };

/** Beside the database, so that a restart forgets none; where nothing can be written there, in memory. */
function counters(): Promise<Counters> {
  const file = `${databaseFile()}.attempts`;
  if (held.ironCrockAttempts?.file !== file)
    held.ironCrockAttempts = Object.assign(kept(file).catch(inMemory), { file });
  return held.ironCrockAttempts;
}

const limits = {
  one: { points: FROM_ONE, duration: WITHIN_S },
  all: { points: FROM_ALL, duration: WITHIN_S },
};

async function kept(file: string): Promise<Counters> {
  const storeClient = openOwnersOnly(file);
  const store = (of: "one" | "all") =>
    new Promise<RateLimiterAbstract>((ready, failed) => {
      const limiter: RateLimiterSQLite = new RateLimiterSQLite(
        { ...limits[of], storeClient, storeType: "better-sqlite3", tableName: `wrong_${of}` },
        (error?: Error) => (error ? failed(error) : ready(limiter)),
      );
    });
  return { one: await store("one"), all: await store("all") };
}

const inMemory = (): Counters => ({
  one: new RateLimiterMemory(limits.one),
  all: new RateLimiterMemory(limits.all),
});

/** Whom a request comes from: what the server, or the proxy nearest to it, saw. */
export const addressOf = (request: Request): string =>
  request.headers.get("x-forwarded-for")?.split(",").at(-1)?.trim() || "unknown";

/** Counts an attempt before it is weighed, so that many at once are no way round. @throws Refusal 429 */
export async function countAttempt(address: string): Promise<void> {
  const { one, all } = await counters();
  try {
    await one.consume(address);
    await all.consume(EVERYBODY);
  } catch (refused) {
    if (!(refused instanceof RateLimiterRes)) throw refused;
    const minutes = Math.ceil(refused.msBeforeNext / 60_000);
    throw new Refusal(429, words.tooManyWrongPassphrases, words.tooManyWrongPassphrasesTry(minutes));
  }
}

/** It was the right one: it does not count. */
export async function forgiveAttempt(address: string): Promise<void> {
  const { one, all } = await counters();
  await one.reward(address);
  await all.reward(EVERYBODY);
}
