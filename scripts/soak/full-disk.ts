import { execFileSync } from "node:child_process";
import { copyFileSync, mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import Database from "better-sqlite3";
import { PORK_LOIN } from "@/server/demo/brines";
import { EXAMPLE, openKitchen, type Kitchen } from "../../tests/server";
import { pause } from "./process";

const SIZE_MB = 24;
const WAITS_MS = 15_000;

/** A disk that fills up under a running kitchen while its instruments read, and is made room on again. */
export async function soakFullDisk(port: number): Promise<void> {
  const folder = mkdtempSync(path.join(tmpdir(), "full-"));
  try {
    execFileSync("mount", ["-t", "tmpfs", "-o", `size=${SIZE_MB}m`, "tmpfs", folder], { stdio: "ignore" });
  } catch {
    return console.log("left out: nothing may be mounted here (it wants to be root)");
  }
  const databasePath = path.join(folder, "kitchen.db");
  copyFileSync(EXAMPLE, databasePath);
  const kitchen = await openKitchen(port, { databasePath });
  try {
    const batchId = readFrom(
      databasePath,
      "SELECT id FROM batches WHERE lifted_at_ms IS NULL LIMIT 1",
    ) as string;
    for (const channel of ["fridge", "salinity"])
      await ask(kitchen, "POST", `/api/batches/${batchId}/instruments`, { channel, seed: 4 });
    await ask(kitchen, "PUT", `/api/batches/${batchId}/pace`, { speed: 600 });
    const rows = [await state(kitchen, "room enough")];
    writeFileSync(path.join(folder, "filler"), Buffer.alloc(freeBytes(folder)));
    await pause(WAITS_MS);
    rows.push(await state(kitchen, "full"));
    rmSync(path.join(folder, "filler"));
    await pause(3000);
    rows.push(await state(kitchen, "room again"));
    await kitchen.kill();
    const sound = readFrom(databasePath, "PRAGMA integrity_check") as string;
    console.table(rows);
    console.log(`integrity: ${sound}`);
    if (sound !== "ok") throw new Error(sound);
  } finally {
    await kitchen.kill();
    execFileSync("umount", [folder]);
    rmSync(folder, { recursive: true });
  }
}

async function state(kitchen: Kitchen, when: string) {
  const write = await ask(kitchen, "POST", "/api/v1/formulas", { formulation: PORK_LOIN, note: when });
  const page = await fetch(`${kitchen.url}/work`);
  const title = write.ok ? "" : ((await write.json()) as { title: string }).title;
  const readings = (await (await fetch(`${kitchen.url}/api/v1/batches`)).json()) as unknown[];
  return {
    disk: when,
    "a write": `${write.status} ${title}`,
    "a page": page.status,
    batches: readings.length,
  };
}

const ask = (kitchen: Kitchen, method: string, at: string, body: unknown): Promise<Response> =>
  fetch(kitchen.url + at, {
    method,
    headers: { "content-type": "application/json" },
    body: JSON.stringify(body),
  });

function readFrom(file: string, sql: string): unknown {
  const db = new Database(file, { readonly: true });
  try {
    return db.prepare(sql).pluck().get();
  } finally {
    db.close();
  }
}

const freeBytes = (folder: string): number =>
  1024 * Number(execFileSync("df", ["--output=avail", folder], { encoding: "utf8" }).split("\n")[1]);
