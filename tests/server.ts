import { spawn, type ChildProcess } from "node:child_process";
import { copyFileSync, mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { ZONE } from "./kitchen-clock";

/** The example kitchen, loaded once for the whole run; each server has a copy of its own. */
export const EXAMPLE = "data/e2e-example.db";
const START_MS = 30_000;

export interface Kitchen {
  url: string;
  databasePath: string;
  /** As a power cut would. */
  kill: () => Promise<void>;
  start: () => Promise<void>;
}

export const freshFile = () => path.join(mkdtempSync(path.join(tmpdir(), "crock-")), "kitchen.db");

interface Opened {
  example?: boolean;
  databasePath?: string;
  env?: Record<string, string>;
}

/** A server of its own, on a database of its own: empty, or the example kitchen. */
export async function openKitchen(
  port: number,
  { example = false, databasePath = freshFile(), env = {} }: Opened = {},
): Promise<Kitchen> {
  if (example) copyFileSync(EXAMPLE, databasePath);
  const url = `http://127.0.0.1:${port}`;
  let server: ChildProcess | undefined;
  const kitchen: Kitchen = {
    url,
    databasePath,
    start: async () => {
      server = spawn(
        process.execPath,
        ["node_modules/next/dist/bin/next", "start", "-H", "127.0.0.1", "-p", String(port)],
        { env: { ...process.env, DATABASE_PATH: databasePath, TZ: ZONE, ...env }, stdio: "ignore" },
      );
      await answers(url, server);
    },
    kill: async () => {
      const running = server;
      if (!running || running.exitCode !== null) return;
      const gone = new Promise((done) => running.once("exit", done));
      running.kill("SIGKILL");
      await gone;
    },
  };
  await kitchen.start();
  return kitchen;
}

async function answers(url: string, server: ChildProcess): Promise<void> {
  const until = Date.now() + START_MS;
  while (Date.now() < until) {
    if (server.exitCode !== null) throw new Error(`The server for ${url} ended with ${server.exitCode}.`);
    const status = await fetch(`${url}/api/alive`).then(
      (r) => r.status,
      () => 0,
    );
    // Where it wants a passphrase, it is there too.
    if (status === 200 || status === 401) return;
    await new Promise((wait) => setTimeout(wait, 100));
  }
  throw new Error(`No answer from ${url}.`);
}
