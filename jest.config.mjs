import nextJest from "next/jest.js";

// Ships as an ES module only; Jest on Node 20 must transform it.
const esmOnly = "numeric-quantity";

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
