/** What is under way is answered within so long when the server is told to go. */
const LEAVES_AFTER_MS = 3000;

/** Once, when the server starts: the kitchen is opened and brought to the newest schema, and its keeping begins. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { database } = await import("@/server/database");
  const { startInstruments } = await import("@/server/keep-instruments");
  const { heavy, pool } = await import("@/server/heavy/pool");
  const { sumsBeside } = await import("@/ui/worked/here");
  const { clearWorkFiles } = await import("@/server/heavy/work-files");
  const { watchClock } = await import("@/server/clock-watch");
  const { endStreams } = await import("@/server/live/streams");
  const { startKeeping } = await import("@/server/safekeeping/keep");
  const { warmUp } = await import("@/server/warm-up");
  const { log } = await import("@/server/log");
  clearWorkFiles();
  database();
  // The first to ask for a long sum does not wait for the thread as well.
  if (pool()) sumsBeside.ironCrockSums = (asked) => heavy(database(), "worked", asked);
  startKeeping();
  startInstruments();
  watchClock();
  // The server waits for what is under way before it goes; a stream never ends by itself.
  const leave = () => {
    endStreams();
    // An idle line of a browser's would be waited for until it is given up.
    setTimeout(() => process.exit(0), LEAVES_AFTER_MS).unref();
  };
  process.once("SIGTERM", leave);
  process.once("SIGINT", leave);
  log.info("kitchen open");
  if (process.env.WARM_UP !== "off") warmUp(`http://127.0.0.1:${process.env.PORT}`).catch(() => undefined);
}
