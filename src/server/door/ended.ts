import { existsSync, readFileSync, renameSync, statSync, writeFileSync } from "node:fs";
import { z } from "zod";

/** Sessions that were signed out before their time: a copy of their cookie opens nothing. Kept until it would be over anyway. */
const endedSchema = z.array(z.strictObject({ id: z.string(), untilMs: z.number() }));
type Ended = z.infer<typeof endedSchema>;

export const endedFile = (databaseFile: string): string => `${databaseFile}.ended.json`;

let read: { file: string; changedMs: number; ended: Ended } | undefined;

function endedIn(file: string): Ended {
  if (!existsSync(file)) return [];
  const changedMs = statSync(file).mtimeMs;
  if (read?.file !== file || read.changedMs !== changedMs)
    read = { file, changedMs, ended: endedSchema.parse(JSON.parse(readFileSync(file, "utf8"))) };
  return read.ended;
}

export const isEnded = (file: string, id: string): boolean => endedIn(file).some((e) => e.id === id);

/** @param untilMs when it would have ended by itself */
export function endSession(file: string, id: string, untilMs: number, nowMs: number): void {
  const ended = [...endedIn(file).filter((e) => e.untilMs > nowMs && e.id !== id), { id, untilMs }];
  writeFileSync(`${file}.new`, JSON.stringify(ended), { mode: 0o600, flush: true });
  renameSync(`${file}.new`, file);
  read = undefined;
}
