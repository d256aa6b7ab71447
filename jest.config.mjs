import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import nextJest from "next/jest.js";

// These ship as ES modules only; Jest on Node 20 must transform them.
const esmOnly = [
  "numeric-quantity",
  "htmlparser2",
  "domhandler",
  "domutils",
  "domelementtype",
  "dom-serializer",
  "entities",
  "iron-session",
  "uncrypto",
  "uuid",
  "copy-to-clipboard",
].join("|");

// What is dear to make is made once for all files: a folder that the processes that run them are told of.
process.env.TESTS_RUN_TOGETHER ??= mkdtempSync(path.join(tmpdir(), "iron-crock-tests-"));

const base = nextJest({ dir: "./" })({
  testEnvironment: "node",
  // A guard against hanging only: on a busy two-core machine a password hash or an archive takes its time.
  testTimeout: 120_000,
  // Every file leaves some megabytes behind: a process of a gigabyte collects garbage half its time.
  workerIdleMemoryLimit: "400MB",
  // Looked up through the sandbox of a test they cost the sums most of their time; no more than these, for a module may
  // name a constant of its own after any other (an icon is called Map).
  sandboxInjectedGlobals: ["Math", "Object", "Float64Array", "Number", "Array", "JSON"],
  testMatch: ["<rootDir>/src/**/*.test.{ts,tsx}", "<rootDir>/scripts/**/*.test.ts"],
  moduleNameMapper: {
    "^@/words/(.*)$": "<rootDir>/src/words/en/$1",
    "^@/(.*)$": "<rootDir>/src/$1",
  },
});

const config = async () => ({
  ...(await base()),
  transformIgnorePatterns: [`/node_modules/(?!(${esmOnly})/)`, "^.+\\.module\\.(css|sass|scss)$"],
});

export default config;
