import { sumsBeside } from "@/ui/worked/here";
import { watchClock } from "@/server/clock-watch";
import { database } from "@/server/database";
import { heavy, pool } from "@/server/heavy/pool";
import { clearWorkFiles } from "@/server/heavy/work-files";
import { startInstruments } from "@/server/keep-instruments";
import { endStreams } from "@/server/live/streams";
import { log } from "@/server/log";
import { startKeeping } from "@/server/safekeeping/keep";
import { warmUp } from "@/server/warm-up";

/** What is under way is answered within so long when the server is told to go. */
const LEAVES_AFTER_MS = 3000;

/** The kitchen is opened and brought to the newest schema, and its keeping begins. */
export function begin(): void {
  clearWorkFiles();
  database();
  // The first to ask for a long sum does not wait for the thread as well.
  if (pool()) sumsBeside.ironCrockSums = (asked) => heavy(database(), "worked", asked);
  startKeeping();
  startInstruments();
  watchClock();
  process.once("SIGTERM", leave);
  process.once("SIGINT", leave);
  log.info("kitchen open");
  if (process.env.WARM_UP !== "off") warmUp(`http://127.0.0.1:${process.env.PORT}`).catch(() => undefined);
}

/** The server waits for what is under way before it goes; a stream never ends by itself. */
function leave(): void {
  endStreams();
  // An idle line of a browser's would be waited for until it is given up.
  setTimeout(() => process.exit(0), LEAVES_AFTER_MS).unref();
}
