import nextJest from "next/jest.js";

// odex and numeric-quantity ship as ES modules only; Jest on Node 20 must transform them.
const esmOnly = ["odex", "numeric-quantity"].join("|");

const base = nextJest({ dir: "./" })({
  testEnvironment: "node",
  testMatch: ["<rootDir>/src/**/*.test.{ts,tsx}", "<rootDir>/scripts/**/*.test.ts"],
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/src/$1" },
});

const config = async () => ({
  ...(await base()),
  transformIgnorePatterns: [`/node_modules/(?!(${esmOnly})/)`, "^.+\\.module\\.(css|sass|scss)$"],
});

export default config;
