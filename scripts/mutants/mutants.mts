/**
 * Mutation testing: `npm run mutants -- [PATHS]`. Changes the core a line at a time and asks whether the tests of the same
 * room notice. Without paths, the rooms whose figures a cook trusts most. Text is left out: words are judged by eye.
 * Runs room after room, and only what changed since the last time.
 */
import { Stryker } from "@stryker-mutator/core";

const ROOMS = ["solution", "journal", "safety", "formula", "program", "schedule"];
const KILLED = new Set(["Killed", "Timeout"]);
const COUNTED = new Set(["Killed", "Timeout", "Survived", "NoCoverage"]);

interface Tally {
  killed: number;
  of: number;
}

const roomOf = (path: string): string => /^src\/core\/([^/]+)/.exec(path)?.[1] ?? path;

async function mutate(room: string, mutated: readonly string[]): Promise<Tally> {
  const options = {
    mutate: [...mutated, "!src/core/**/*.test.ts", "!src/core/**/*.fixture.ts", "!src/core/**/tables/**"],
    plugins: [new URL("./plugin.mjs", import.meta.url).pathname],
    testRunner: "rooms",
    coverageAnalysis: "perTest",
    mutator: { plugins: [], excludedMutations: ["StringLiteral"] },
    ignorePatterns: ["/.next", "/data", "/docs", "/tests", "/test-results", "/public"],
    incremental: true,
    incrementalFile: `.mutants/${room}.json`,
    tempDirName: ".mutants/tmp",
    reporters: ["clear-text", "progress-append-only"],
    clearTextReporter: { allowColor: false, logTests: false, reportTests: false, reportScoreTable: true },
    concurrency: Number(process.env.MUTANT_CONCURRENCY ?? 2),
    timeoutMS: 10_000,
    dryRunTimeoutMinutes: 15,
    logLevel: "warn",
    allowConsoleColors: false,
    thresholds: { high: 85, low: 70, break: null },
  } as ConstructorParameters<typeof Stryker>[0];
  const results = await new Stryker(options).runMutationTest();
  const counted = results.filter((r) => COUNTED.has(r.status));
  const killed = counted.filter((r) => KILLED.has(r.status)).length;
  console.log(`${room}: ${score({ killed, of: counted.length })} of ${counted.length}`);
  return { killed, of: counted.length };
}

const score = ({ killed, of }: Tally): string => (of === 0 ? "–" : ((100 * killed) / of).toFixed(1));

async function main(): Promise<void> {
  const paths = process.argv.slice(2);
  const asked = paths.length > 0 ? paths : ROOMS.map((room) => `src/core/${room}`);
  const globs = asked.map((path) => (path.endsWith(".ts") ? path : `${path.replace(/\/$/, "")}/**/*.ts`));
  const all: Tally = { killed: 0, of: 0 };
  for (const room of new Set(globs.map(roomOf))) {
    const tally = await mutate(
      room,
      globs.filter((glob) => roomOf(glob) === room),
    );
    all.killed += tally.killed;
    all.of += tally.of;
  }
  console.log(`mutation score ${score(all)} of ${all.of}`);
}

void main();
