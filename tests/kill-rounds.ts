import { randomUUID } from "node:crypto";
import Database from "better-sqlite3";
import { PORK_LOIN } from "../src/server/demo/brines";
import { openKitchen } from "./server";

export interface KillReport {
  rounds: number;
  acknowledged: number;
  /** Acknowledged and not found: must be none. */
  lost: string[];
  /** What a check of the database's integrity said, where it was not "ok". */
  damaged: string[];
}

const WRITERS = 8;
const LEAST_WRITES = 20;
const MORE_MS = 500;

const pause = (ms: number) => new Promise((wait) => setTimeout(wait, ms));

/**
 * Kills the server without warning while many write to it, again and again, and looks each time whether everything it
 * had acknowledged is there.
 */
export async function killRounds(rounds: number, port: number): Promise<KillReport> {
  const kitchen = await openKitchen(port);
  const report: KillReport = { rounds, acknowledged: 0, lost: [], damaged: [] };
  const post = async (path: string, body: object) => {
    const response = await fetch(kitchen.url + path, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(body),
    });
    return response.ok ? ((await response.json()) as Record<string, unknown>) : undefined;
  };
  const { id: batchId } =
    (await post("/api/v1/batches", {
      formulaId: null,
      formulation: PORK_LOIN,
      startAtMs: Date.now() - 3_600_000,
      acknowledgements: [],
    })) ?? {};

  let sampleMs = Date.now();
  for (let round = 0; round < rounds; round++) {
    const formulas: string[] = [];
    const samples: number[] = [];
    let killed = false;
    const writer = async (n: number) => {
      while (!killed)
        try {
          if (n % 2 === 0) {
            const note = randomUUID();
            const saved = await post("/api/v1/formulas", { formulation: PORK_LOIN, note });
            if (saved) formulas.push(note);
          } else {
            const atMs = sampleMs++;
            if (
              await post(`/api/v1/batches/${String(batchId)}/samples`, { channel: "fridge", atMs, value: 3 })
            )
              samples.push(atMs);
          }
        } catch {
          // Cut off in the middle: not acknowledged, and may be there or not.
        }
    };
    const writing = Array.from({ length: WRITERS }, (_, n) => writer(n));
    // In the thick of it: some writes are through, and more are on their way.
    while (formulas.length + samples.length < LEAST_WRITES) await pause(20);
    await pause(Math.random() * MORE_MS);
    await kitchen.kill();
    killed = true;
    await Promise.all(writing);
    look(kitchen.databasePath, formulas, samples, report);
    report.acknowledged += formulas.length + samples.length;
    if (round < rounds - 1) await kitchen.start();
  }
  return report;
}

function look(file: string, formulas: string[], samples: number[], report: KillReport): void {
  const db = new Database(file);
  const said = db.pragma("integrity_check", { simple: true }) as string;
  if (said !== "ok") report.damaged.push(said);
  const formula = db.prepare("SELECT body FROM formula_versions WHERE note = ?").pluck();
  const sample = db.prepare("SELECT value FROM samples WHERE at_ms = ?").pluck();
  for (const note of formulas)
    if (formula.get(note) !== JSON.stringify(PORK_LOIN)) report.lost.push(`formula ${note}`);
  for (const atMs of samples) if (sample.get(atMs) !== 3) report.lost.push(`sample ${atMs}`);
  db.close();
}
