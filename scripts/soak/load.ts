import { openKitchen, type Kitchen } from "../../tests/server";
import { pause } from "./process";

const SECONDS = 60;
const CLIENTS = 50;
/** Each device asks four times a second at most; a slow answer holds its next question back. */
const EVERY_MS = 250;
/** One question in three writes. */
const WRITES_IN = 3;

interface Measured {
  ms: number[];
  errors: number;
}

const readPaths = (id: string, formulaId: string) => [
  "/api/v1/formulas",
  `/api/batches/${id}/work`,
  `/api/v1/formulas/${formulaId}`,
  "/api/find?q=loin",
  "/api/v1/batches",
];

/** Fifty devices reading and writing for a minute, each at its own moment. */
export async function soakLoad(port: number): Promise<void> {
  for (const everyMs of [1000, EVERY_MS]) {
    const kitchen = await openKitchen(port, { example: "whole" });
    const { reads, writes } = await minute(kitchen, everyMs);
    await kitchen.kill();
    console.table([row(`reads, each device every ${everyMs} ms`, reads), row("writes", writes)]);
  }
}

async function minute(kitchen: Kitchen, everyMs: number): Promise<{ reads: Measured; writes: Measured }> {
  const batches = (await (await fetch(`${kitchen.url}/api/v1/batches`)).json()) as {
    id: string;
    formulaId: string;
  }[];
  const [{ id, formulaId }, written] = batches;
  const paths = readPaths(id, formulaId);
  // The first answers of a fresh server load its code.
  for (const path of paths) await fetch(kitchen.url + path);
  const reads: Measured = { ms: [], errors: 0 };
  const writes: Measured = { ms: [], errors: 0 };
  let atMs = Date.now();
  const until = performance.now() + SECONDS * 1000;
  const device = async (n: number) => {
    await pause((n / CLIENTS) * everyMs);
    for (let i = n; performance.now() < until; i++) {
      const from = performance.now();
      const isWrite = i % WRITES_IN === 0;
      const side = isWrite ? writes : reads;
      const answer = isWrite
        ? fetch(`${kitchen.url}/api/v1/batches/${written.id}/samples`, {
            method: "POST",
            headers: { "content-type": "application/json" },
            body: JSON.stringify({ channel: "fridge", atMs: atMs++, value: 3.2 }),
          })
        : fetch(kitchen.url + paths[i % paths.length]);
      try {
        const response = await answer;
        await response.arrayBuffer();
        if (!response.ok) side.errors++;
      } catch {
        side.errors++;
      }
      const took = performance.now() - from;
      side.ms.push(took);
      await pause(Math.max(0, everyMs - took));
    }
  };
  await Promise.all(Array.from({ length: CLIENTS }, (_, n) => device(n)));
  return { reads, writes };
}

function row(what: string, { ms, errors }: Measured) {
  const sorted = [...ms].sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.floor(share * (sorted.length - 1))].toFixed(0);
  return {
    what,
    requests: ms.length,
    "a second": Math.round(ms.length / SECONDS),
    errors,
    "median, ms": at(0.5),
    "95 %, ms": at(0.95),
    "99 %, ms": at(0.99),
  };
}
