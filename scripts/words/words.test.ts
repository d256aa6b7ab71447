import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { globSync } from "tinyglobby";
import { accented } from "./accented";
import { allPieces, piecesOf } from "./pieces";

function written(source: string): string {
  const file = path.join(mkdtempSync(path.join(tmpdir(), "words-")), "words.tsx");
  writeFileSync(file, source);
  return file;
}

const textsOf = (source: string): string[] => piecesOf(written(source)).map(({ text }) => text);

test("what is said: texts, what stands between figures, what stands between elements, lists by code", () => {
  expect(textsOf('export const weighOut = "Weigh out";')).toEqual(["Weigh out"]);
  expect(textsOf("export const of = (g: string, x: string) => `Take ${g} g of ${x}.`;")).toEqual([
    "Take ",
    " g of ",
    ".",
  ]);
  expect(textsOf("export const at = (t: ReactNode) => <>Out at {t} today</>;")).toEqual([
    "Out at ",
    " today",
  ]);
  expect(textsOf('export const place = { fridge: "in the fridge", "cool box": `in the box` };')).toContain(
    "in the fridge",
  );
});

test("codes, types and imports are not said", () => {
  expect(
    textsOf(
      'import { x } from "react";\nexport const how = (at: "hot" | "cold") => at === "hot" ? "on the hob" : "cold";',
    ),
  ).toEqual(["on the hob", "cold"]);
});

test("a piece stands where it says: put back in its place, the file is as it was", () => {
  const source = 'export const a = "Salt"; export const b = (n: number) => `${n} pieces, ${n} g`;';
  const pieces = piecesOf(written(source));
  expect(pieces.map(({ start, end }) => source.slice(start, end))).toEqual(pieces.map(({ text }) => text));
});

test("every letter is accented and no place for a figure is touched", () => {
  expect(accented("Cut {{line}}: 34 g less.")).toBe("Çûûţ {{line}}: 34 ĝ ļļééšššš.");
  for (const text of allPieces())
    expect(accented(text).replaceAll(/\{\{\w+\}\}/g, "")).not.toMatch(/[A-Za-z]/);
});

test("all that is said is two fifths longer", () => {
  const said = allPieces().join("");
  expect(accented(said).length / said.length).toBeGreaterThanOrEqual(1.4);
});

/** What is told to developers, reads English, or is a kitchen of its own. */
const ELSEWHERE = [
  "src/words/**",
  "**/*.{test,fixture}.*",
  "src/core/{recipe,check-cases}/**",
  "src/server/{api,demo}/**",
];

test("no sentence stands outside the folder", () => {
  const files = globSync("src/**/*.{ts,tsx}", { ignore: ELSEWHERE });
  expect(files.length).toBeGreaterThan(500);
  const sentences = files.flatMap((file) =>
    readFileSync(file, "utf8")
      .split("\n")
      .filter((line) => !/^\s*(\/?\*|\/\/)|throw new Error\(/.test(line))
      .flatMap((line) => /["`][A-Z][a-z]+ [a-z][^"`]*["`]/.exec(line) ?? [])
      .map((sentence) => `${file}: ${sentence}`),
  );
  expect(sentences).toEqual([]);
});
