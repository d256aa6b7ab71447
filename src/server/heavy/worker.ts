import os from "node:os";
import { isMainThread } from "node:worker_threads";
import { workerData } from "piscina";
import type { Unreadable } from "@/contracts/unreadable";
import { onChange } from "../changes";
import { openDatabase, type WholeDb } from "../database";
import { thrownOf, type Thrown } from "./across";
import { JOBS, type JobName } from "./jobs";
import { BESIDE_NICE } from "./limits";
import { shareTurns } from "../turns";
import { forgetUnreadable, unreadable } from "../unreadable";

/* What runs on a thread beside the server's: bundled by `npm run build`, for a thread has no builder of its own. */

// Who only looks goes before: on Linux a thread has a priority of its own (elsewhere this would be the whole server's).
if (!isMainThread && process.platform === "linux") {
  try {
    os.setPriority(BESIDE_NICE);
  } catch {
    // Where a machine does not allow even that, all are alike.
  }
}

if (workerData instanceof SharedArrayBuffer) shareTurns(workerData);

export interface Task {
  name: JobName;
  /** The kitchen's database: each thread has a connection of its own to it. */
  file: string;
  input: unknown[];
}
export interface Told {
  result: { ok: true; value: unknown } | { ok: false; thrown: Thrown };
  /** What it changed: who listens does so on the server's own thread. */
  batches: string[];
  sittings: string[];
  /** Rows it met that do not read. */
  unreadable: Unreadable[];
}

const kitchens = new Map<string, WholeDb>();

function kitchenOf(file: string): WholeDb {
  const known = kitchens.get(file) ?? openDatabase(file);
  kitchens.set(file, known);
  return known;
}

export default async function run({ name, file, input }: Task): Promise<Told> {
  const batches = new Set<string>();
  const sittings = new Set<string>();
  const quiet = [
    onChange("batch", (id) => void batches.add(id)),
    onChange("sitting", (id) => void sittings.add(id)),
  ];
  const told = (result: Told["result"]): Told => ({
    result,
    batches: [...batches],
    sittings: [...sittings],
    unreadable: unreadable(),
  });
  // Those of the job before were told of with it.
  forgetUnreadable();
  try {
    const job = JOBS[name] as (db: WholeDb, ...input: unknown[]) => unknown;
    return told({ ok: true, value: await job(kitchenOf(file), ...input) });
  } catch (error) {
    return told({ ok: false, thrown: thrownOf(error) });
  } finally {
    for (const stop of quiet) stop();
  }
}
