import { onChange } from "./changes";
import type { Db } from "./database";
import { loadWork } from "./work";

/** Simulated instruments are asked this often while somebody watches; it also keeps the line open. */
const TICK_MS = 1000;

/**
 * The batch as it is, and again whenever it changes: server-sent events. A device that was away connects anew and is told
 * the whole state, so nothing has to be caught up piece by piece.
 */
export function batchStream(db: Db, batchId: string, signal: AbortSignal): Response {
  // Refused before the stream begins, if there is no such batch.
  let said = JSON.stringify(loadWork(db, batchId, Date.now()));
  const encoder = new TextEncoder();
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const tell = () => controller.enqueue(encoder.encode(`data: ${said}\n\n`));
      const look = () => {
        const now = JSON.stringify(loadWork(db, batchId, Date.now()));
        if (now === said) return;
        said = now;
        tell();
      };
      tell();
      const timer = setInterval(look, TICK_MS);
      const quiet = onChange(batchId, look);
      signal.addEventListener("abort", () => {
        clearInterval(timer);
        quiet();
        controller.close();
      });
    },
  });
  return new Response(body, {
    headers: { "content-type": "text/event-stream", "cache-control": "no-store", connection: "keep-alive" },
  });
}
