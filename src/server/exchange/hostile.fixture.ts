import fc from "fast-check";
import { readFileSync } from "node:fs";
import { readFormulaFile } from "@/contracts/formula-file";
import { sittingBody } from "@/contracts/sitting";
import { formulaFile } from "@/core/exchange/formula-file";
import { fragmentOf } from "@/core/exchange/share";
import { chops, worked } from "@/core/formula/formulation.fixture";
import { markdownOf } from "@/core/exchange/markdown-out";
import { recipeOf } from "@/core/exchange/recipe-out";
import { USUAL_WORDS } from "@/core/quantity/words";
import { readRecipe } from "@/core/recipe/read-recipe";
import type { WholeDb } from "../database";
import { runningBatches } from "../batch-views";
import { readBody } from "../http";
import { Refusal } from "../problem";
import { archiveOf, fullKitchen, NOW } from "../safekeeping/kitchens.fixture";
import { restoreSnapshot } from "../safekeeping/restore";
import { snapshotFolder, takeSnapshot } from "../safekeeping/snapshots";
import { keepReadings } from "../samples";
import { takeArchiveIn } from "./archive";

/* Files that mean no good, for every way in: rubbish, and good files that were spoiled here and there. */

export interface Importer {
  name: string;
  inputs: fc.Arbitrary<Uint8Array>;
  /** Takes it in or refuses it with a Refusal; anything else is a fault. */
  take: (input: Uint8Array) => unknown;
}

/** A good file with bytes changed, cut short, doubled or stuffed. */
const spoiled = (good: Uint8Array): fc.Arbitrary<Uint8Array> =>
  fc
    .record({
      at: fc.nat({ max: good.length - 1 }),
      length: fc.nat({ max: 40 }),
      how: fc.constantFrom("change", "cut", "double", "stuff", "end"),
      stuff: fc.oneof(
        fc.uint8Array({ maxLength: 60 }),
        fc
          .constantFrom(
            ...'{ [ } ] " \\ < > , : \0 =cmd|x <script> 1e999 -1 null __proto__ ../../ \uD800'.split(" "),
          )
          .map(utf8),
      ),
    })
    .map(({ at, length, how, stuff }) => {
      const [head, middle, tail] = [
        good.subarray(0, at),
        good.subarray(at, at + length),
        good.subarray(at + length),
      ];
      switch (how) {
        case "change":
          return joined(head, stuff.subarray(0, middle.length), tail);
        case "cut":
          return joined(head, tail);
        case "double":
          return joined(head, middle, middle, tail);
        case "stuff":
          return joined(head, stuff, middle, tail);
        default:
          return head;
      }
    });

const utf8 = (text: string): Uint8Array => new TextEncoder().encode(text);
const text = (bytes: Uint8Array): string => new TextDecoder().decode(bytes);
const joined = (...parts: Uint8Array[]): Uint8Array => new Uint8Array(Buffer.concat(parts));

const rubbish = fc.oneof(
  fc.uint8Array({ maxLength: 500 }),
  fc.json().map(utf8),
  fc.string({ unit: "grapheme", maxLength: 500 }).map(utf8),
  fc.nat({ max: 2000 }).map((n) => utf8("[".repeat(n) + "]".repeat(n))),
);
const either = (good: Uint8Array) =>
  fc.oneof({ weight: 4, arbitrary: spoiled(good) }, { weight: 1, arbitrary: rubbish });

/** Every way something comes in from outside, on a kitchen of its own. */
export async function importers(): Promise<{ db: WholeDb; all: Importer[] }> {
  const { db, file } = await fullKitchen();
  const options = { measures: "metric", words: USUAL_WORDS } as const;
  const f = chops({ notes: "Cold hands" });
  const sheet = worked(f);
  const goodCsv = `at_utc,what,value\n${new Date(NOW + 1000).toISOString()},fridge,3.5\n`;
  const batchId = runningBatches(db)[0].id;
  const post = (bytes: Uint8Array) =>
    new Request("http://127.0.0.1/api/x", {
      method: "POST",
      body: Buffer.from(bytes),
      headers: { "content-type": "application/json" },
    });
  const snapshot = new Uint8Array(readFileSync(await takeSnapshot(db, snapshotFolder(file), NOW, "good")));
  const sitting = utf8(JSON.stringify({ name: "S", tableMs: NOW, dishes: [], pins: [] }));
  const recipe = utf8(JSON.stringify(recipeOf(f, sheet)));
  return {
    db,
    all: [
      {
        name: "a pasted recipe",
        inputs: either(utf8(`${RECIPE}\n<script type="application/ld+json">${text(recipe)}</script>`)),
        take: (bytes) => readRecipe(text(bytes), options),
      },
      {
        name: "Recipe data",
        inputs: either(recipe),
        take: (bytes) => [readFormulaFile(text(bytes)), readRecipe(text(bytes), options)],
      },
      {
        name: "a formula's file",
        inputs: either(utf8(JSON.stringify(formulaFile(f)))),
        take: (bytes) => readFormulaFile(text(bytes)),
      },
      {
        name: "Markdown",
        inputs: either(utf8(markdownOf(f, sheet, "metric"))),
        take: (bytes) => readFormulaFile(text(bytes)),
      },
      {
        name: "a link",
        inputs: either(utf8(`http://x/open#${fragmentOf(formulaFile(f))}`)),
        take: (bytes) => readFormulaFile(text(bytes)),
      },
      {
        name: "a sitting's file",
        inputs: either(sitting),
        take: (bytes) => readBody(post(bytes), sittingBody),
      },
      {
        name: "readings, CSV",
        inputs: either(utf8(goodCsv)),
        take: (bytes) => {
          // Never kept: what was good of it is taken back with the rest.
          db.transaction((tx) => {
            keepReadings(tx, batchId, text(bytes), NOW);
            throw new Refusal(422, "Taken back", "so that the kitchen stays as it was");
          });
        },
      },
      {
        name: "an archive",
        inputs: either(await archiveOf(db, NOW)),
        take: (bytes) => takeArchiveIn(db, file, bytes, { replace: false, nowMs: NOW }),
      },
      {
        name: "a snapshot",
        inputs: spoiledSnapshot(snapshot),
        take: (bytes) => restoreSnapshot(db, file, Buffer.from(bytes), NOW),
      },
    ],
  };
}

/** Only spoiled so that it cannot be whole: a good one would rightly take the kitchen's place. */
const spoiledSnapshot = (good: Uint8Array) =>
  fc.oneof(
    { weight: 1, arbitrary: rubbish },
    {
      weight: 4,
      arbitrary: fc
        .tuple(
          fc.integer({ min: 100, max: Math.floor(good.length / 2) }),
          fc.uint8Array({ minLength: 1, maxLength: 200 }),
        )
        .map(([cut, tail]) => joined(good.subarray(0, cut), tail)),
    },
  );

const RECIPE = `Loin
Ingredients
- 1 (2.5 kg) pork loin
- 1 cup kosher salt
- 1 gallon water
Method
1. Brine overnight at 4 °C. Roast at 180 °C for 1 hour 30 minutes.
Total time: 14 hours`;
