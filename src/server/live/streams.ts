import type { LiveEvent } from "@/contracts/live";
import type { WholeDb } from "../database";
import { log } from "../log";
import { hubOf } from "./hub";

/** Whether who listens is still signed in is asked so often. */
const STILL_IN_MS = 1000;
/** So many words wait for a device that does not take them; then its line is closed, and it begins anew when it can. */
const WAITING_MOST = 200;

interface Asked {
  signal: AbortSignal;
  /** Who was signed out meanwhile is told nothing more. */
  stillIn?: () => boolean | Promise<boolean>;
}

const held = globalThis as { ironCrockStreams?: Set<() => void> };
const open = () => (held.ironCrockStreams ??= new Set());

/** Ends every stream of this process: it is going to stop, and would wait for them. */
export function endStreams(): void {
  for (const end of [...open()]) end();
}

/** Everything of the kitchen as it happens, as server-sent events; for one browser, whose pages share it. */
export const kitchenStream = (db: WholeDb, asked: Asked): Response =>
  stream(asked, (tell) => hubOf(db).listen((_, text) => tell(text)));

/** One batch: its whole state, and the whole again whenever it changes. For other programs. @throws Refusal 404 */
export function batchStream(db: WholeDb, batchId: string, asked: Asked): Response {
  const hub = hubOf(db);
  // Refused before the stream begins, if there is no such batch.
  let said = JSON.stringify(hub.look(batchId).work);
  return stream(asked, (tell, end) => {
    tell(said);
    return hub.listen((event) => {
      if (!concerns(event, batchId)) return;
      try {
        const now = JSON.stringify(hub.look(batchId).work);
        if (now === said) return;
        said = now;
        tell(now);
      } catch (error) {
        log.info({ err: error, batchId }, "stream ends");
        end();
      }
    });
  });
}

const concerns = (event: LiveEvent, batchId: string): boolean =>
  event.kind === "work" ? event.batchId === batchId : event.kind === "open" || event.kind === "wrote";

function stream(
  { signal, stillIn = () => true }: Asked,
  listen: (tell: (text: string) => void, end: () => void) => () => void,
): Response {
  const encoder = new TextEncoder();
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      let isOver = false;
      let quiet = () => {};
      const end = () => {
        if (isOver) return;
        isOver = true;
        clearInterval(timer);
        quiet();
        open().delete(end);
        controller.close();
      };
      const tell = (text: string) => {
        if (isOver) return;
        if ((controller.desiredSize ?? 0) < -WAITING_MOST) end();
        else controller.enqueue(encoder.encode(`data: ${text}\n\n`));
      };
      const timer = setInterval(() => {
        void Promise.resolve()
          .then(stillIn)
          .then((isIn) => isIn || end())
          .catch(end);
      }, STILL_IN_MS);
      open().add(end);
      signal.addEventListener("abort", end);
      quiet = listen(tell, end);
      if (isOver) quiet();
    },
  });
  return new Response(body, {
    headers: { "content-type": "text/event-stream", "cache-control": "no-store", connection: "keep-alive" },
  });
}
