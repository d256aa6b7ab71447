import { existsSync, readFileSync, renameSync, statSync, writeFileSync } from "node:fs";
import type { z } from "zod";

/**
 * A small secret kept beside the database and not in it: no snapshot or archive carries it. Read again only when it was
 * changed; written aside and moved into place, so that it is whole at every instant, for its owner's eyes only.
 */
export function keptFile<T>(schema: z.ZodType<T>) {
  let held: { file: string; changedMs: number; value: T } | undefined;
  return {
    /** Undefined where it was never kept. @throws where the file is there and does not read */
    read(file: string): T | undefined {
      if (!existsSync(file)) return undefined;
      const changedMs = statSync(file).mtimeMs;
      if (held?.file !== file || held.changedMs !== changedMs)
        held = { file, changedMs, value: schema.parse(JSON.parse(readFileSync(file, "utf8"))) };
      return held.value;
    },
    keep(file: string, value: T): void {
      writeFileSync(`${file}.new`, JSON.stringify(value), { mode: 0o600, flush: true });
      renameSync(`${file}.new`, file);
      held = undefined;
    },
  };
}
