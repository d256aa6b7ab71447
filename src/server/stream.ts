import { onChange } from "./changes";
import type { Db } from "./database";
import { loadWork } from "./work";

/** Simulated instruments are asked this often while somebody watches; it also keeps the line open. */
const TICK_MS = 1000;
/** More batches than a page shows are not watched. */
const WATCHED_MOST = 24;

/**
 * Batches as they are, and each again whenever it changes: server-sent events. A device that was away connects anew and is
 * told the whole state, so nothing has to be caught up piece by piece.
 * @param stillIn asked at every tick: who was signed out meanwhile is told nothing more
 */
export function workStream(
  db: Db,
  batchIds: readonly string[],
  signal: AbortSignal,
  stillIn: () => Promise<boolean> = async () => true,
): Response {
  const ids = [...new Set(batchIds)].slice(0, WATCHED_MOST);
  // Refused before the stream begins, if there is no such batch.
  const said = new Map(ids.map((id) => [id, JSON.stringify(loadWork(db, id, Date.now()))]));
  const encoder = new TextEncoder();
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const tell = (text: string) => controller.enqueue(encoder.encode(`data: ${text}\n\n`));
      const look = (id: string) => {
        const now = JSON.stringify(loadWork(db, id, Date.now()));
        if (now === said.get(id)) return;
        said.set(id, now);
        tell(now);
      };
      said.forEach(tell);
      const tick = async () => {
        if (await stillIn()) ids.forEach(look);
        else end();
      };
      const timer = setInterval(() => void tick().catch(end), TICK_MS);
      const quiet = ids.map((id) => onChange(id, () => look(id)));
      let over = false;
      const end = () => {
        if (over) return;
        over = true;
        clearInterval(timer);
        for (const stop of quiet) stop();
        controller.close();
      };
      signal.addEventListener("abort", end);
    },
  });
  return new Response(body, {
    headers: { "content-type": "text/event-stream", "cache-control": "no-store", connection: "keep-alive" },
  });
}

export const batchStream = (
  db: Db,
  batchId: string,
  signal: AbortSignal,
  stillIn?: () => Promise<boolean>,
): Response => workStream(db, [batchId], signal, stillIn);
