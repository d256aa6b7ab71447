import { readFileSync } from "node:fs";
import { globSync } from "tinyglobby";
import config from "./jest.config.mjs";

/*
 * All unit tests, most of them together: Jest gives every file a world of its own, in which each module is evaluated and made
 * quick anew, and for sums that is half of the time. A whole room of files shares one here. By its name a file still runs in a
 * world of its own: `npx jest src/core/recipe`.
 */

// What changes its world (another clock, other modules, a page) does so in one of its own.
const CHANGES_ITS_WORLD = /\bjest\.(?!requireActual)|@jest-environment/;

const files = globSync(["src/**/*.test.{ts,tsx}", "scripts/**/*.test.ts"]).sort();
const alone = files.filter((file) => CHANGES_ITS_WORLD.test(readFileSync(file, "utf8")));
const together = files.filter((file) => !alone.includes(file));
const isIn = (room) => (file) => file.startsWith(`src/${room}/`);
const core = together.filter(isIn("core"));
const server = together.filter(isIn("server"));
const rest = together.filter((file) => !core.includes(file) && !server.includes(file));

const allTests = async () => ({
  ...(await config()),
  testMatch: ["<rootDir>/scripts/units/*.together.ts", ...alone.map((file) => `<rootDir>/${file}`)],
  globals: { TOGETHER: { core, server, rest } },
});

export default allTests;
