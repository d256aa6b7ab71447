import { INSTANT_MOST_MS } from "@/contracts/instant";
import { openBatchIds } from "./batch-views";
import { database, databaseFile, type WholeDb } from "./database";
import { kitchenDoor } from "./door/admit";
import { endSessionOf, sealSession, SESSION_COOKIE } from "./door/session";
import { listFormulas } from "./formula-views";
import { log } from "./log";
import { listSittings } from "./sittings";

/*
 * A page's code is read from the disk when it is asked for the first time, and everybody waits meanwhile; a tap's as well. So the
 * server asks for each of its pages once itself, before it says that it is ready.
 */

/** However long its pages take, it is ready after so long. */
const WARM_AT_LAST_MS = 20_000;

const held = globalThis as { ironCrockWarming?: boolean };

/** Whether the server is still asking for its own pages. */
export const isWarming = (): boolean => held.ironCrockWarming === true;

/** One page of every kind; those of a batch, a formula, a sitting where there is one. */
export function pagesToWarm(db: WholeDb): string[] {
  const [batch] = openBatchIds(db);
  const [formula] = listFormulas(db);
  const [sitting] = listSittings(db);
  return [
    ...["/", "/bench", "/work", "/sitting", "/record", "/stores", "/open"],
    ...(formula ? [`/bench?formula=${formula.id}`] : []),
    ...(batch ? [`/batch/${batch}`, `/print/batch/${batch}`] : []),
    ...(sitting ? [`/sitting/${sitting.id}`] : []),
  ];
}

/** Refused whatever the batch is: an act there is not, in time to come. */
export const NO_TAP = { actId: "none", body: { atMs: INSTANT_MOST_MS } };

/** The first tap has code of its own to read, and what acts there are to work out: done by one that is refused. */
function tapToWarm(db: WholeDb): [path: string, sent: RequestInit][] {
  const [batch] = openBatchIds(db);
  if (!batch) return [];
  const body = JSON.stringify(NO_TAP.body);
  return [[`/api/batches/${batch}/acts/${NO_TAP.actId}`, { method: "PUT", body }]];
}

/**
 * Asks for the server's own pages, one after the other; what goes wrong is written down and stops nothing. Behind a
 * passphrase it comes in as everybody does, with a session that ends with it.
 * @param origin where this server answers, e.g. http://127.0.0.1:3000
 */
export async function warmUp(origin: string, db: WholeDb = database()): Promise<void> {
  held.ironCrockWarming = true;
  const signal = AbortSignal.timeout(WARM_AT_LAST_MS);
  try {
    const door = kitchenDoor();
    const session = door && (await sealSession(door));
    const headers = {
      "content-type": "application/json",
      ...(session && { cookie: `${SESSION_COOKIE}=${session}` }),
    };
    const asks = [...pagesToWarm(db).map((page): [string, RequestInit] => [page, {}]), ...tapToWarm(db)];
    try {
      for (const [path, sent] of asks) {
        const answer = await fetch(origin + path, { ...sent, headers, signal, redirect: "manual" });
        await answer.arrayBuffer();
      }
    } finally {
      if (door && session) await endSessionOf(door, session, databaseFile(), Date.now());
    }
  } catch (error) {
    log.warn({ err: error }, "not all pages were asked for beforehand");
  } finally {
    held.ironCrockWarming = false;
  }
}
