import fc from "fast-check";
import { expand } from "jsonld";
import { describeFormulation } from "@/core/exchange/describe";
import { formulaFile } from "@/core/exchange/formula-file";
import { markdownOf } from "@/core/exchange/markdown-out";
import { isoDuration, recipeOf } from "@/core/exchange/recipe-out";
import { formulate } from "@/core/formula/formulate";
import { chops, worked } from "@/core/formula/formulation.fixture";
import { formulations } from "@/core/formula/formulations.fixture";
import { isDeepStrictEqual } from "node:util";
import { parse, toSeconds } from "iso8601-duration";
import { deflateSync } from "fflate";
import { FRAGMENT_MOST, fragmentOf, QR_MOST } from "@/core/exchange/share";
import { findRecipe } from "@/core/recipe/from-json-ld";
import { readFormulaFile } from "./formula-file";

/** Formulations whose sheet can be worked out: only those have a recipe. */
const sheets = formulations
  .map((f) => ({ f, sheet: formulate({ ...f, pullH: Math.min(f.pullH, 24) }) }))
  .filter(({ sheet }) => sheet.ok);
const tags = fc.array(
  fc
    .string({ minLength: 1, maxLength: 30 })
    .map((t) => t.trim())
    .filter((t) => t !== ""),
  { maxLength: 4 },
);

/** JSON knows no minus zero. */
const asJson = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

describe("out and in again, without loss", () => {
  test("its own file", () =>
    fc.assert(
      fc.property(formulations, tags, (f, words) => {
        const read = readFormulaFile(JSON.stringify(formulaFile(f, words)));
        expect(read).toEqual({ ok: true, value: asJson(formulaFile(f, words)) });
      }),
      { numRuns: 300 },
    ));

  // Together, for the sheet is the dearest part of each.
  test(
    "schema.org Recipe data, alone and in a page; Markdown, whatever the notes quote",
    () =>
      fc.assert(
        fc.property(sheets, tags, ({ f, sheet }, words) => {
          if (!sheet.ok) return;
          const expected = { ok: true, value: asJson(formulaFile(f, words)) };
          const data = JSON.stringify(recipeOf(f, sheet.value, words));
          expect(readFormulaFile(data)).toEqual(expected);
          const page = `<html><script type='application/ld+json'>${data}</script></html>`;
          expect(readFormulaFile(page)).toEqual(expected);
          expect(findRecipe(JSON.parse(data))).toBeDefined();
          expect(readFormulaFile(markdownOf(f, sheet.value, "metric", words))).toEqual(expected);
        }),
        { numRuns: 30 },
      ),
    30_000,
  );
});

test("a usual formula's link is short enough for a printed code", () => {
  expect(fragmentOf(formulaFile(chops({ notes: "Cold water, cold hands." }))).length).toBeLessThan(
    QR_MOST / 2,
  );
});

test.each([
  ["rubbish", "#f=!!!"],
  ["no deflate", "#f=aGVsbG8"],
  ["a bomb of nothing", `#f=${Buffer.from(deflateSync(new Uint8Array(5_000_000))).toString("base64url")}`],
  ["a fragment without end", `#f=${"A".repeat(FRAGMENT_MOST + 1)}`],
])("a link with %s carries nothing", (_, link) => expect(readFormulaFile(link)).toBeUndefined());

test("durations are ISO 8601: the same minutes come back", () =>
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 20_000 }), (minutes) => {
      expect(toSeconds(parse(isoDuration(minutes)))).toBe(minutes * 60);
    }),
  ));

test("the text of a formulation tells any two apart", () =>
  fc.assert(
    fc.property(formulations, formulations, (a, b) => {
      const same = describeFormulation(a).join("\n") === describeFormulation(b).join("\n");
      expect(same).toBe(isDeepStrictEqual(asJson(a), asJson(b)));
    }),
  ));

test("one change is one line", () => {
  const before = describeFormulation(chops());
  const after = describeFormulation(chops({ pullH: 30 }));
  expect(after.filter((line, i) => line !== before[i])).toEqual(["take out after: 30 h"]);
});

test("the recipe reads as a cook would write it", () => {
  const f = chops();
  const recipe = recipeOf(f, worked(f));
  expect(recipe.recipeIngredient[0]).toBe("1000 g pork loin chop, boneless, 4 pieces, 25 mm thick");
  expect(recipe.recipeYield).toBe("4 portions");
  const texts = recipe.recipeInstructions.flatMap((s) => s.itemListElement).map((s) => s.text);
  expect(texts).toContain("Leave it in its brine, covered in the fridge at 3 °C, for 24 hours.");
});

test("as linked data it is a schema.org Recipe with its steps, for a general JSON-LD processor", async () => {
  const f = chops();
  const vocabulary = {
    document: { "@context": { "@vocab": "http://schema.org/" } },
    documentUrl: "",
    contextUrl: undefined,
  };
  const [expanded] = await expand(recipeOf(f, worked(f), ["Saturday"]), {
    documentLoader: async () => vocabulary,
  });
  expect(expanded["@type"]).toEqual(["http://schema.org/Recipe"]);
  const steps = expanded["http://schema.org/recipeInstructions"] as { "@type": string[] }[];
  expect(steps.every((s) => s["@type"][0] === "http://schema.org/HowToSection")).toBe(true);
  // Every term is one of schema.org's Recipe or what it inherits, *from memory*.
  expect(
    Object.keys(expanded)
      .map((k) => k.replace("http://schema.org/", ""))
      .sort(),
  ).toEqual([
    "@type",
    "cookTime",
    "encoding",
    "image",
    "keywords",
    "name",
    "nutrition",
    "prepTime",
    "recipeCategory",
    "recipeIngredient",
    "recipeInstructions",
    "recipeYield",
    "totalTime",
  ]);
});

test.each([
  ["a text without one", "2 kg of pork", undefined],
  ["another's JSON", '{"format":"something else"}', undefined],
])("%s carries none", (_, text, expected) => expect(readFormulaFile(text)).toBe(expected));

test("a broken one says where, a newer one says so", () => {
  const broken = { ...formulaFile(chops()), formulation: { ...chops(), pullH: -1 } };
  const read = readFormulaFile(JSON.stringify(broken));
  expect(read && !read.ok && read.error).toContain("formulation.pullH");
  const newer = readFormulaFile(JSON.stringify({ ...formulaFile(chops()), version: 2 }));
  expect(newer && !newer.ok && newer.error).toContain("newer");
});
