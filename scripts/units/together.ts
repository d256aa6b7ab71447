import path from "node:path";

/** The files of tests of each room, as `jest.together.mjs` finds them. */
declare const TOGETHER: Record<"core" | "server" | "rest", readonly string[]>;

const ROOT = path.join(__dirname, "../..");

/** Declares the tests of all files of a room, each under the name of its file. */
export function together(room: keyof typeof TOGETHER): void {
  for (const file of TOGETHER[room])
    describe(file, () => {
      jest.requireActual(path.join(ROOT, file));
    });
}
