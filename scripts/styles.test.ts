import { readFileSync } from "node:fs";
import { globSync } from "tinyglobby";

const read = (file: string) => readFileSync(file, "utf8");
const allOf = (pattern: RegExp, text: string) => [...text.matchAll(pattern)].map(([, found]) => found ?? "");

/** What a part of the component library gives a style to. */
const classesOf = (file: string) => allOf(/\.([a-z][\w-]*)/g, read(file));
const PARTS = globSync("node_modules/daisyui/{components,utilities}/*.css");
const partOf = (file: string) => /([^/]+)\.css$/.exec(file)?.[1] ?? "";

test("no class has the name of a part of the component library that is left out: it would have no style", () => {
  const [named] = allOf(/include:([^;]+);/g, read("src/app/globals.css"));
  const included = new Set(named?.split(",").map((part) => part.trim()));
  const taken = PARTS.filter((file) => included.has(partOf(file)));
  const styled = new Set(taken.flatMap(classesOf));
  const leftOut = new Set(
    PARTS.filter((file) => !taken.includes(file))
      .flatMap(classesOf)
      .filter((name) => !styled.has(name)),
  );
  expect(taken.length).toBeGreaterThan(8);
  expect(leftOut).toContain("badge");

  const used = globSync("src/**/*.tsx").flatMap((file) =>
    allOf(/className=(?:"|\{`)([^"`]*)["`]/g, read(file)).flatMap((names) => names.split(/[\s${}?:]+/)),
  );
  expect(used).toContain("btn-primary");
  expect(used.filter((name) => leftOut.has(name))).toEqual([]);
});
