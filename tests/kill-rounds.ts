import { randomUUID } from "node:crypto";
import Database from "better-sqlite3";
import sharp from "sharp";
import { EXAMPLE_SITTING } from "../src/server/api/examples";
import { PORK_LOIN } from "../src/server/demo/brines";
import { openKitchen, type Kitchen } from "./server";

export interface KillReport {
  rounds: number;
  /** What was acknowledged, by its kind. */
  acknowledged: Record<Kind, number>;
  /** Restores that were under way at the end of the server, and how the kitchen stood after: the old whole, or the new. */
  restores: { old: number; new: number };
  /** Acknowledged and not found: must be none. */
  lost: string[];
  /** What a check of the database's integrity said, where it was not "ok", or a restore that was half done. */
  damaged: string[];
}

type Kind = "formula" | "reading" | "start" | "act" | "photo" | "sitting";
const KINDS: Kind[] = ["formula", "reading", "start", "act", "photo", "sitting"];
/** How each is looked for in the file, by the word it was written with. */
const FOUND: Record<Kind, string> = {
  formula: "SELECT count(*) FROM formula_versions WHERE note = ?",
  reading: "SELECT count(*) FROM samples WHERE at_ms = ?",
  start: "SELECT count(*) FROM batches WHERE id = ?",
  act: "SELECT count(*) FROM batch_acts WHERE batch_id = ?",
  photo: "SELECT count(*) FROM photos WHERE id = ?",
  sitting: "SELECT count(*) FROM sittings WHERE id = ?",
};

const WRITERS = 8;
const LEAST_WRITES = 20;
const MORE_MS = 500;
const EVERY_KIND_MS = 20_000;
/** One round in so many, and the last of all, is a restore that is cut off. */
const RESTORED_EVERY = 5;
const RESTORE_MS = 1200;
/** A long run that is stopped has told what it saw. */
const TOLD_EVERY = 50;

const pause = (ms: number) => new Promise((wait) => setTimeout(wait, ms));
const PICTURE = sharp({ create: { width: 40, height: 40, channels: 3, background: "#a53" } })
  .jpeg()
  .toBuffer();

/**
 * Kills the server without warning while many write to it, again and again, and looks each time whether everything it
 * had acknowledged is there; and in the middle of restores, whether the kitchen is the one before or the one after.
 */
export async function killRounds(
  rounds: number,
  port: number,
  told: (soFar: KillReport) => void = () => {},
): Promise<KillReport> {
  const kitchen = await openKitchen(port);
  const report: KillReport = {
    rounds,
    acknowledged: { formula: 0, reading: 0, start: 0, act: 0, photo: 0, sitting: 0 },
    restores: { old: 0, new: 0 },
    lost: [],
    damaged: [],
  };
  for (let round = 0; round < rounds; round++) {
    if (round === rounds - 1 || round % RESTORED_EVERY === RESTORED_EVERY - 1)
      await cutOffRestore(kitchen, report);
    else await cutOffWrites(kitchen, report);
    if ((round + 1) % TOLD_EVERY === 0) told({ ...report, rounds: round + 1 });
    if (round < rounds - 1) await kitchen.start();
  }
  return report;
}

const send = async (kitchen: Kitchen, path: string, body: unknown, method = "POST") => {
  const isFile = Buffer.isBuffer(body);
  const response = await fetch(kitchen.url + path, {
    method,
    headers: { "content-type": isFile ? "image/jpeg" : "application/json" },
    body: isFile ? new Uint8Array(body) : JSON.stringify(body),
  });
  return response.ok ? ((await response.json()) as Record<string, unknown>) : undefined;
};

const startOf = (id: string) => ({
  id,
  formulaId: null,
  formulation: PORK_LOIN,
  startAtMs: Date.now() - 1000,
  acknowledgements: [],
});

async function cutOffWrites(kitchen: Kitchen, report: KillReport): Promise<void> {
  const written: { kind: Kind; word: string | number }[] = [];
  const done = (kind: Kind, word: string | number, was: unknown) => {
    if (was) written.push({ kind, word });
  };
  let killed = false;
  let sampleMs = Date.now();
  const first = randomUUID();
  await send(kitchen, "/api/v1/batches", startOf(first));
  const one = async (n: number) => {
    const id = randomUUID();
    if (n % 3 === 0) {
      done("formula", id, await send(kitchen, "/api/v1/formulas", { formulation: PORK_LOIN, note: id }));
      const made = await send(kitchen, "/api/v1/sittings", EXAMPLE_SITTING);
      if (made) done("sitting", String(made.id), true);
    } else if (n % 3 === 1) {
      const atMs = sampleMs++;
      const body = { channel: "fridge", atMs, value: 3 };
      done("reading", atMs, await send(kitchen, `/api/v1/batches/${first}/samples`, body));
    } else {
      done("start", id, await send(kitchen, "/api/v1/batches", startOf(id)));
      const tap = { atMs: Date.now() };
      done("act", id, await send(kitchen, `/api/batches/${id}/acts/weigh_out`, tap, "PUT"));
      const photo = await send(kitchen, `/api/batches/${id}/photos`, await PICTURE);
      if (photo) done("photo", String(photo.id), true);
    }
  };
  const writer = async (n: number) => {
    // Cut off in the middle: not acknowledged, and may be there or not.
    while (!killed) await one(n).catch(() => undefined);
  };
  const writing = Array.from({ length: WRITERS }, (_, n) => writer(n));
  // In the thick of it: some writes are through, in the first round one of every kind, and more are on their way.
  const isFirst = Object.values(report.acknowledged).every((n) => n === 0);
  const untilMs = Date.now() + EVERY_KIND_MS;
  const isShort = () =>
    isFirst && Date.now() < untilMs && new Set(written.map((w) => w.kind)).size < KINDS.length;
  while (written.length < LEAST_WRITES || isShort()) await pause(20);
  await pause(Math.random() * MORE_MS);
  await kitchen.kill();
  killed = true;
  await Promise.all(writing);
  const db = checked(kitchen, report);
  for (const { kind, word } of written) {
    report.acknowledged[kind]++;
    if (db.prepare(FOUND[kind]).pluck().get(word) === 0) report.lost.push(`${kind} ${word}`);
  }
  db.close();
}

/** A snapshot is taken back; between the two a formula was written, which tells which of them it is. */
async function cutOffRestore(kitchen: Kitchen, report: KillReport): Promise<void> {
  const snapshot = await (await fetch(`${kitchen.url}/api/snapshot`)).arrayBuffer();
  const note = randomUUID();
  await send(kitchen, "/api/v1/formulas", { formulation: PORK_LOIN, note });
  const before = countsOf(kitchen);
  let answered = false;
  const restoring = fetch(`${kitchen.url}/api/restore`, { method: "POST", body: snapshot })
    .then((response) => void (answered = response.ok))
    .catch(() => undefined);
  await pause(Math.random() * RESTORE_MS);
  await kitchen.kill();
  await restoring;
  const db = checked(kitchen, report);
  const isOld = db.prepare(FOUND.formula).pluck().get(note) === 1;
  db.close();
  report.restores[isOld ? "old" : "new"]++;
  const after = countsOf(kitchen);
  const wanted = isOld ? before : { ...before, formula: before.formula - 1 };
  if (JSON.stringify(after) !== JSON.stringify(wanted)) report.damaged.push("a restore half done");
  if (answered && isOld) report.lost.push("a restore that was answered");
}

const KIND_TABLE: Record<Kind, string> = {
  formula: "formula_versions",
  reading: "samples",
  start: "batches",
  act: "batch_acts",
  photo: "photos",
  sitting: "sittings",
};

function countsOf({ databasePath }: Kitchen): Record<Kind, number> {
  const db = new Database(databasePath);
  const count = (kind: Kind) =>
    db.prepare(`SELECT count(*) FROM ${KIND_TABLE[kind]}`).pluck().get() as number;
  const counts = Object.fromEntries(KINDS.map((kind) => [kind, count(kind)])) as Record<Kind, number>;
  db.close();
  return counts;
}

function checked({ databasePath }: Kitchen, report: KillReport): Database.Database {
  const db = new Database(databasePath);
  const said = db.pragma("integrity_check", { simple: true }) as string;
  if (said !== "ok") report.damaged.push(said);
  return db;
}
