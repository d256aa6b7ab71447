import fc from "fast-check";
import { Refusal } from "../problem";
import { contents } from "../safekeeping/kitchens.fixture";
import { importers } from "./hostile.fixture";

/** Here a few through each; `npm run soak-test` drives ten thousand and measures. */
const RUNS = 30;

test("every importer takes a file or refuses it with a reason: no crash, nothing half written", async () => {
  const { db, all } = await importers();
  const before = contents(db);
  for (const { name, inputs, take } of all) {
    const faults: string[] = [];
    await fc.assert(
      fc.asyncProperty(inputs, async (input) => {
        try {
          await take(input);
        } catch (error) {
          if (!(error instanceof Refusal)) faults.push(`${name}: ${String(error)}`);
        }
      }),
      { numRuns: RUNS },
    );
    expect(faults).toEqual([]);
    expect(contents(db)).toEqual(before);
  }
}, 120_000);
