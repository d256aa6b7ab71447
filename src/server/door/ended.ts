import { z } from "zod";
import { keptFile } from "./kept-file";

/** Sessions that were signed out before their time: a copy of their cookie opens nothing. Kept until it would be over anyway. */
const endedSchema = z.array(z.strictObject({ id: z.string(), untilMs: z.number() }));
const ended = keptFile(endedSchema);

export const endedFile = (databaseFile: string): string => `${databaseFile}.ended.json`;

export const isEnded = (file: string, id: string): boolean =>
  (ended.read(file) ?? []).some((e) => e.id === id);

/** @param untilMs when it would have ended by itself */
export function endSession(file: string, id: string, untilMs: number, nowMs: number): void {
  const others = (ended.read(file) ?? []).filter((e) => e.untilMs > nowMs && e.id !== id);
  ended.keep(file, [...others, { id, untilMs }]);
}
