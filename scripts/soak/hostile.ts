import fc from "fast-check";
import { importers } from "@/server/exchange/hostile.fixture";
import { Refusal } from "@/server/problem";
import { contents } from "@/server/safekeeping/kitchens.fixture";

const RUNS = 10_000;

/** Ten thousand spoiled files through each importer: how long the slowest took, and what memory was used. */
export async function soakHostile(): Promise<void> {
  const { db, all } = await importers();
  const before = JSON.stringify(contents(db));
  const rows = [];
  for (const { name, inputs, take } of all) {
    let [refused, faults, slowestMs] = [0, 0, 0];
    let peakMb = 0;
    await fc.assert(
      fc.asyncProperty(inputs, async (input) => {
        const from = performance.now();
        try {
          await take(input);
        } catch (error) {
          if (error instanceof Refusal) refused++;
          else faults++;
        }
        slowestMs = Math.max(slowestMs, performance.now() - from);
        peakMb = Math.max(peakMb, process.memoryUsage().rss / 1024 / 1024);
      }),
      { numRuns: RUNS },
    );
    const whole = JSON.stringify(contents(db)) === before;
    const row = {
      importer: name,
      inputs: RUNS,
      refused,
      faults,
      "slowest, ms": slowestMs.toFixed(1),
      "memory at most, MB": peakMb.toFixed(0),
      "kitchen unchanged": whole,
    };
    // One at a time: the whole takes a quarter of an hour.
    console.log(JSON.stringify(row));
    rows.push(row);
  }
  console.table(rows);
}
