import { mkdtempSync, statSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { startBatch } from "@/server/batches";
import { liftBatch } from "@/server/taken-out";
import { openDatabase } from "@/server/database";
import { PORK_LOIN } from "@/server/demo/brines";
import { keepSample } from "@/server/samples";
import { THINNED_TO_MS, thinSamples, FULL_FOR_DAYS } from "@/server/safekeeping/thin";
import { loadWork } from "@/server/work";

const HOURS = 24;
const HOUR_MS = 3_600_000;
/** A device looks so often. */
const LOOKED_AT_S = 60;
const CHANNELS = ["probe", "probe2", "fridge", "salinity"] as const;

/** A day of four instruments at one reading a second, and a device that looks every minute. */
export function soakInstruments(): void {
  const file = path.join(mkdtempSync(path.join(tmpdir(), "soak-")), "kitchen.db");
  const db = openDatabase(file);
  const startMs = Date.now() - HOURS * HOUR_MS;
  const { id } = startBatch(
    db,
    { formulaId: null, formulation: PORK_LOIN, startAtMs: startMs, acknowledgements: [] },
    startMs,
  );
  const heap: number[] = [];
  for (let s = 0; s < HOURS * 3600; s++) {
    const atMs = startMs + s * 1000;
    for (const channel of CHANNELS) keepSample(db, id, { channel, atMs, value: 3 + Math.sin(s / 900) }, atMs);
    if (s % LOOKED_AT_S === 0) loadWork(db, id, atMs);
    if (s % 3600 === 3599) {
      globalThis.gc?.();
      heap.push(process.memoryUsage().heapUsed / 1024 / 1024);
    }
  }
  db.$client.pragma("wal_checkpoint(TRUNCATE)");
  const megabytes = () => Number((statSync(file).size / 1024 / 1024).toFixed(1));
  const whole = megabytes();
  liftBatch(db, id, startMs + HOURS * HOUR_MS, startMs + HOURS * HOUR_MS);
  const went = thinSamples(db, Date.now() + (FULL_FOR_DAYS + 1) * 24 * HOUR_MS);
  db.$client.exec("VACUUM");
  db.$client.pragma("wal_checkpoint(TRUNCATE)");
  console.table([
    {
      readings: HOURS * 3600 * CHANNELS.length,
      "heap after 1 h, MB": heap[0].toFixed(1),
      "after 12 h": heap[11].toFixed(1),
      "after 24 h": heap[23].toFixed(1),
      "database, MB": whole,
      [`thinned to one in ${THINNED_TO_MS / 1000} s, MB`]: megabytes(),
      "readings gone": went,
    },
  ]);
}
