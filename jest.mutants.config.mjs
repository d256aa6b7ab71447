import base from "./jest.config.mjs";

/** The tests of one or several rooms of the core, as the mutants are held against them: `MUTANT_ROOMS=formula,safety`. */
const rooms = (process.env.MUTANT_ROOMS ?? "").split(",").filter(Boolean);

const config = async () => ({
  ...(await base()),
  // Walks through whole tables take seconds each: the sharp tests beside them decide.
  testPathIgnorePatterns: ["/node_modules/", "typed-facts"],
  testMatch: rooms.map((room) => `<rootDir>/src/core/${room}/**/*.test.ts`),
});

export default config;
