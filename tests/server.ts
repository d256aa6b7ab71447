import Database from "better-sqlite3";
import { spawn, type ChildProcess } from "node:child_process";
import { copyFileSync, mkdtempSync, readdirSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { ZONE } from "./kitchen-clock";

/** What asks for somebody before long: a cure that stands, and what is in the oven. */
const ASKING =
  "(lifted_at_ms IS NULL AND kind = 'cure') OR (lifted_at_ms IS NOT NULL AND id NOT IN (SELECT batch_id FROM outcomes))";

/** Takes batches out of a kitchen's file, with all that belongs to them. @param which of them, as SQL */
export function removeBatches(file: string, which = "1 = 1"): void {
  const db = new Database(file);
  const ofBatches = db
    .prepare<[], { name: string }>(
      "SELECT m.name FROM sqlite_master m, pragma_table_info(m.name) c WHERE c.name = 'batch_id'",
    )
    .all();
  db.pragma("foreign_keys = OFF");
  const gone = db.prepare(`SELECT id FROM batches WHERE ${which}`).pluck().all() as string[];
  for (const id of gone) {
    for (const { name } of ofBatches) db.prepare(`DELETE FROM "${name}" WHERE batch_id = ?`).run(id);
    db.prepare("DELETE FROM batches WHERE id = ?").run(id);
  }
  db.close();
}

/** The example kitchen, loaded once for the whole run; each server has a copy of its own. */
export const EXAMPLE = "data/e2e-example.db";
/** A guard against hanging only. */
export const START_MS = 600_000;

/** As `scripts/start.sh` does: what nobody has asked over for some seconds stays open. */
const START = ["node_modules/next/dist/bin/next", "start", "-H", "127.0.0.1", "--keepAliveTimeout", "150000"];

export interface Kitchen {
  url: string;
  databasePath: string;
  /** The server's process. */
  pid: () => number;
  /** As a power cut would. */
  kill: () => Promise<void>;
  /** Where it does not run. */
  start: () => Promise<void>;
}

export const freshFile = () => path.join(mkdtempSync(path.join(tmpdir(), "crock-")), "kitchen.db");

interface Opened {
  /** The example kitchen whole, or with nothing in it that will ask for somebody. */
  example?: "whole" | "calm";
  databasePath?: string;
  env?: Record<string, string>;
}

/** A server of its own, on a database of its own: empty, or the example kitchen. */
export async function openKitchen(
  port: number,
  { example, databasePath = freshFile(), env = {} }: Opened = {},
): Promise<Kitchen> {
  if (example) copyFileSync(EXAMPLE, databasePath);
  // What is in the oven or late asks for somebody sooner or later, in the middle of whatever is being tried.
  if (example === "calm") removeBatches(databasePath, ASKING);
  const url = `http://127.0.0.1:${port}`;
  let server: ChildProcess | undefined;
  const kitchen: Kitchen = {
    url,
    databasePath,
    pid: () => server?.pid ?? 0,
    start: async () => {
      if (runs(server)) return;
      if (await isAnswered(url)) throw new Error(`Somebody else answers at ${url} already.`);
      server = spawn(process.execPath, [...START, "-p", String(port)], {
        env: {
          ...process.env,
          DATABASE_PATH: databasePath,
          TZ: ZONE,
          WARM_UP: "off",
          COMPRESS: "off",
          ...env,
        },
        stdio: "ignore",
      });
      await answers(url, server);
    },
    kill: async () => {
      const running = server;
      if (!runs(running)) return;
      const gone = new Promise((done) => running.once("exit", done));
      running.kill("SIGKILL");
      await gone;
    },
  };
  opened.set(port, kitchen);
  await kitchen.start();
  return kitchen;
}

/** By port, whatever became of them. */
const opened = new Map<number, Kitchen>();

/** Where a test broke off before it had killed its server, that would answer whoever comes to the port next. */
export const killAt = async (port: number): Promise<void> => opened.get(port)?.kill();

export const snapshotOf = async ({ url }: Kitchen): Promise<Buffer> =>
  Buffer.from(await (await fetch(`${url}/api/snapshot`)).arrayBuffer());

/** Makes it the kitchen of a snapshot, with its door open and nothing kept beside it, whatever a test before left of it. */
export async function holding(kitchen: Kitchen, snapshot: Buffer): Promise<void> {
  await kitchen.start();
  clearBeside(kitchen.databasePath);
  const restored = await fetch(`${kitchen.url}/api/restore`, {
    method: "POST",
    body: new Uint8Array(snapshot),
  });
  if (!restored.ok) throw new Error(`The snapshot was not put in place: ${await restored.text()}`);
  clearBeside(kitchen.databasePath);
}

/** The door's files, and snapshots; not the database, with what SQLite keeps of it. */
function clearBeside(databasePath: string): void {
  const folder = path.dirname(databasePath);
  for (const name of readdirSync(folder))
    if (name.endsWith(ATTEMPTS)) forgetAttempts(path.join(folder, name));
    else if (!/\.(db|attempts)(-\w+)?$/.test(name)) rmSync(path.join(folder, name), { recursive: true });
}

const ATTEMPTS = ".attempts";

/** The server holds the file open: gone from under it, it could write no more of them. */
function forgetAttempts(file: string): void {
  const db = new Database(file);
  const tables = db.prepare("SELECT name FROM sqlite_master WHERE type = 'table'").pluck().all() as string[];
  for (const name of tables) db.prepare(`DELETE FROM "${name}"`).run();
  db.close();
}

const runs = (server: ChildProcess | undefined): server is ChildProcess =>
  server !== undefined && server.exitCode === null && server.signalCode === null;

/** Where it wants a passphrase, it is there too. */
export const isAnswered = (url: string): Promise<boolean> =>
  fetch(`${url}/api/alive`).then(
    ({ status }) => status === 200 || status === 401,
    () => false,
  );

async function answers(url: string, server: ChildProcess): Promise<void> {
  const until = Date.now() + START_MS;
  while (Date.now() < until) {
    if (server.exitCode !== null) throw new Error(`The server for ${url} ended with ${server.exitCode}.`);
    if (await isAnswered(url)) return;
    await new Promise((wait) => setTimeout(wait, 100));
  }
  throw new Error(`No answer from ${url}.`);
}
