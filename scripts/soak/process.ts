import { readFileSync } from "node:fs";

/** A tick of the processor's time as Linux counts it, s. */
const TICK_S = 0.01;

/** Seconds of a processor a process has had, with all its threads. */
export function processorS(pid: number): number {
  const stat = readFileSync(`/proc/${pid}/stat`, "utf8");
  // The name stands in brackets, and may have blanks in it.
  const fields = stat.slice(stat.lastIndexOf(")") + 2).split(" ");
  return (Number(fields[11]) + Number(fields[12])) * TICK_S;
}

export const residentMb = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, "utf8"))?.[1] ?? 0) / 1024;

export const pause = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));
