import { closeSync, mkdirSync, openSync, readdirSync, renameSync, rmSync, statSync } from "node:fs";
import path from "node:path";
import type { WholeDb } from "../database";
import { outlived } from "./rotation";

/** When a kitchen in use is copied by itself, ms. */
export const EVERY_MS = 6 * 3_600_000;

export interface Snapshot {
  name: string;
  takenMs: number;
  bytes: number;
}

/** Beside the database: a folder of its own name. */
export const snapshotFolder = (databaseFile: string): string => `${databaseFile}.snapshots`;

const NAME = /^(\d{4}-\d{2}-\d{2}T\d{2}-\d{2}-\d{2}-\d{3}Z)(?:-[a-z-]+)?\.db$/;

const nameFor = (nowMs: number, why: string) =>
  `${new Date(nowMs).toISOString().replace(/[:.]/g, "-")}${why && `-${why}`}.db`;

/** The instant a snapshot's name tells; undefined for any other file. */
function takenOf(name: string): number | undefined {
  const stamp = NAME.exec(name)?.[1];
  return stamp === undefined
    ? undefined
    : Date.parse(stamp.replace(/T(\d\d)-(\d\d)-(\d\d)-(\d{3})Z/, "T$1:$2:$3.$4Z"));
}

/**
 * Copies the kitchen while it is in use: SQLite's own backup, consistent whatever is written meanwhile. Made aside and
 * moved into place, so that no half snapshot is ever listed.
 * @param why a word in its name, such as "before-restore"; "" for none
 * @returns the file
 */
export async function takeSnapshot(db: WholeDb, folder: string, nowMs: number, why = ""): Promise<string> {
  // A folder that is there already is somebody's, with the rights they gave it: the snapshot itself is closed to others.
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const file = path.join(folder, nameFor(nowMs, why));
  const making = `${file}.making`;
  closeSync(openSync(making, "w", 0o600));
  await db.$client.backup(making);
  renameSync(making, file);
  return file;
}

/** Newest first. */
export function listSnapshots(folder: string): Snapshot[] {
  let names: string[];
  try {
    names = readdirSync(folder);
  } catch {
    return [];
  }
  return names
    .flatMap((name) => {
      const takenMs = takenOf(name);
      return takenMs === undefined ? [] : [{ name, takenMs, bytes: statSync(path.join(folder, name)).size }];
    })
    .sort((a, b) => b.takenMs - a.takenMs);
}

/** Takes away snapshots whose time is over. */
export function rotate(folder: string, nowMs: number): void {
  const all = listSnapshots(folder);
  const goes = new Set(
    outlived(
      all.map((s) => s.takenMs),
      nowMs,
    ),
  );
  for (const { name, takenMs } of all) if (goes.has(takenMs)) rmSync(path.join(folder, name));
}
