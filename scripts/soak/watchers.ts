import { connect } from "node:net";
import Database from "better-sqlite3";
import { openKitchen, type Kitchen } from "../../tests/server";
import { pause, processorS, residentMb } from "./process";

const WATCHERS = 50;
const SECONDS = 60;
/** Four instruments a second are read by the kitchen meanwhile. */
const READINGS_MS = 250;
const SLOW = 20;
const CHANNELS = ["probe", "probe2", "fridge", "salinity"] as const;

/** Fifty devices that watch a kitchen on a full day, and others that take nothing of what they asked for. */
export async function soakWatchers(port: number): Promise<void> {
  const kitchen = await openKitchen(port, { example: "whole" });
  const db = new Database(kitchen.databasePath);
  const batchId = db
    .prepare("SELECT id FROM batches WHERE lifted_at_ms IS NULL LIMIT 1")
    .pluck()
    .get() as string;
  fillDay(db, batchId);
  db.close();
  await (await fetch(`${kitchen.url}/work`)).text();
  const lines = Array.from({ length: WATCHERS }, () => watch(kitchen));
  await pause(3000);
  const quiet = await measured(kitchen, SECONDS / 2, async () => undefined);
  const busy = await measured(kitchen, SECONDS, async (n) => {
    const channel = CHANNELS[n % CHANNELS.length];
    await fetch(`${kitchen.url}/api/v1/batches/${batchId}/samples`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ channel, atMs: Date.now(), value: 3.2 }),
    });
  });
  const slow = Array.from({ length: SLOW }, (_, n) => sleeper(port, n % 2 ? "/api/live" : "/api/v1/batches"));
  const beside = await measured(kitchen, SECONDS / 2, async () => {
    await (await fetch(`${kitchen.url}/api/v1/batches`)).arrayBuffer();
  });
  const told = lines.map((line) => line.events());
  console.table([
    { what: `${WATCHERS} watch, nothing happens`, ...quiet },
    { what: `${WATCHERS} watch, four readings a second`, ...busy },
    { what: `and ${SLOW} that take nothing of what they asked for`, ...beside },
  ]);
  console.log(
    `events to each watcher: ${Math.min(...told)} to ${Math.max(...told)}; bytes to one: ${lines[0].bytes()}`,
  );
  for (const line of lines) line.hangUp();
  for (const socket of slow) socket.destroy();
  await kitchen.kill();
}

function fillDay(db: Database.Database, batchId: string): void {
  const fromMs = Date.now() - 24 * 3_600_000;
  const insert = db.prepare("INSERT OR IGNORE INTO samples VALUES (?, ?, ?, ?)");
  db.transaction(() => {
    for (let s = 0; s < 24 * 3600; s++)
      for (const channel of CHANNELS) insert.run(batchId, channel, fromMs + s * 1000, 3 + Math.sin(s / 900));
  })();
}

function watch(kitchen: Kitchen) {
  const over = new AbortController();
  let [events, bytes] = [0, 0];
  void fetch(`${kitchen.url}/api/live`, { signal: over.signal })
    .then(async (response) => {
      for await (const chunk of response.body ?? []) {
        bytes += (chunk as Uint8Array).length;
        events++;
      }
    })
    .catch(() => undefined);
  return { events: () => events, bytes: () => bytes, hangUp: () => over.abort() };
}

/** Asks, and never reads what comes. */
function sleeper(port: number, path: string) {
  const socket = connect(port, "127.0.0.1", () =>
    socket.write(`GET ${path} HTTP/1.1\r\nHost: 127.0.0.1:${port}\r\n\r\n`),
  );
  socket.pause();
  socket.on("error", () => undefined);
  return socket;
}

async function measured(kitchen: Kitchen, seconds: number, act: (n: number) => Promise<unknown>) {
  const from = processorS(kitchen.pid());
  const until = performance.now() + seconds * 1000;
  let [n, longest] = [0, 0];
  while (performance.now() < until) {
    const asked = performance.now();
    await act(n++);
    const took = performance.now() - asked;
    longest = Math.max(longest, took);
    await pause(Math.max(0, READINGS_MS - took));
  }
  return {
    cores: ((processorS(kitchen.pid()) - from) / seconds).toFixed(3),
    "longest answer, ms": longest.toFixed(0),
    "memory, MB": residentMb(kitchen.pid()).toFixed(0),
  };
}
