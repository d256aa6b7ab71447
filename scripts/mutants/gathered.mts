import { readdirSync, readFileSync } from "node:fs";
import { build } from "esbuild";
import { createRequire } from "node:module";
import vm from "node:vm";
import { type Case, world } from "./suite.mjs";

/** Walks through whole tables take seconds each: the sharp tests beside them decide. */
const LEFT_OUT = /typed-facts/;

/** Spies need Jest itself, and one script has no place of its own to read files beside. */
const NEEDS_JEST = /\bjest\.|import\.meta/;

/** Tests not yet declared: the rooms are evaluated when they are wanted, and so is each file. */
export interface Suite {
  rooms: () => void;
  files: readonly string[];
  declare: (file: string) => Case[];
}

/** What the script hands out: everything in it waits to be asked. */
interface Declared {
  rooms: () => void;
  files: Record<string, () => void>;
}

/**
 * All tests of the core in one script.
 * @param root where the project (or the copy of it that holds the mutants) stands
 */
export async function gathered(root: string): Promise<() => Suite> {
  const names = readdirSync(`${root}/src/core`, { recursive: true, encoding: "utf8" })
    .filter((name) => name.endsWith(".ts"))
    .map((name) => `src/core/${name}`)
    .sort();
  const files = names
    .filter((name) => name.endsWith(".test.ts"))
    .filter((file) => !LEFT_OUT.test(file))
    .filter((file) => !NEEDS_JEST.test(readFileSync(`${root}/${file}`, "utf8")));
  // What a property draws must not differ from run to run, or a mutant is killed today and lives tomorrow.
  const drawn = `import fc from "fast-check"; fc.configureGlobal({ seed: 11 });`;
  // Required, not imported: a file declares its tests when it is asked to, and brings the rooms it needs with it.
  const sources = names.filter((name) => !/\.(test|fixture)\.ts$|\.d\.ts$/.test(name));
  const contents = [
    drawn,
    `export const rooms = () => { ${sources.map((name) => `require("./${name}");`).join(" ")} };`,
    `export const files = { ${files.map((file) => `"${file}": () => require("./${file}")`).join(", ")} };`,
  ].join("\n");
  const result = await build({
    stdin: { contents, resolveDir: root, loader: "ts" },
    absWorkingDir: root,
    bundle: true,
    write: false,
    platform: "node",
    format: "cjs",
    target: "node20",
    logLevel: "error",
  });
  const [{ text }] = result.outputFiles;
  const script = new vm.Script(`(function (require, module) {${text}\n})`, { filename: `${root}/tests.cjs` });
  const required = createRequire(`${root}/package.json`);
  return () => {
    const { words, cases, enter } = world();
    Object.assign(globalThis, words);
    const made = { exports: {} as Declared };
    (script.runInThisContext() as (require: NodeJS.Require, made: { exports: Declared }) => void)(
      required,
      made,
    );
    const { rooms, files: declared } = made.exports;
    const declare = (file: string): Case[] => {
      enter(file);
      const from = cases.length;
      declared[file]();
      return cases.slice(from);
    };
    return { rooms, files, declare };
  };
}
