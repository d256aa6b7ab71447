import { chops } from "@/core/formula/formulation.fixture";
import { kitchenRequest, liftRequest, problemSchema, readingRequest, startBatchRequest } from "./requests";

const START = {
  formulaId: null,
  formulation: chops(),
  startAtMs: Date.UTC(2026, 10, 27),
  acknowledgements: [],
};

test("a start is read whole", () => {
  expect(startBatchRequest.parse(START)).toEqual(START);
});

test.each([
  ["a time in seconds, not milliseconds", { startAtMs: 1_795_000_000 }, "startAtMs"],
  ["half a millisecond", { startAtMs: Date.UTC(2026, 10, 27) + 0.5 }, "startAtMs"],
  ["a reason of blanks", { acknowledgements: [{ ruleId: "x", reason: "   " }] }, "acknowledgements.0.reason"],
  [
    "a novel for a reason",
    { acknowledgements: [{ ruleId: "x", reason: "y".repeat(501) }] },
    "acknowledgements.0.reason",
  ],
  ["an empty formula id", { formulaId: "" }, "formulaId"],
])("%s is refused where it stands", (_, change, path) => {
  const parsed = startBatchRequest.safeParse({ ...START, ...change });
  expect(parsed.error?.issues[0].path.join(".")).toBe(path);
});

test.each([
  [{ kind: "bathStrength", saltFraction: 0.04 }, true],
  [{ kind: "bathStrength", saltFraction: 4 }, false],
  [{ kind: "weight", beforeG: 1000, afterG: 1050 }, true],
  [{ kind: "weight", beforeG: 1000 }, false],
  [{ kind: "guess" }, false],
])("a reading %j", (reading, good) => {
  expect(readingRequest.safeParse({ atMs: START.startAtMs, reading }).success).toBe(good);
});

test("a lift-out has its time and nothing else", () => {
  expect(liftRequest.safeParse({ atMs: START.startAtMs }).success).toBe(true);
  expect(liftRequest.safeParse({ atMs: START.startAtMs, by: "me" }).success).toBe(false);
  expect(liftRequest.safeParse({ atMs: NaN }).success).toBe(false);
});

test("a kitchen may change one thing at a time; its zone must exist", () => {
  expect(kitchenRequest.parse({ measures: "us" })).toEqual({ measures: "us" });
  expect(kitchenRequest.safeParse({ timeZone: "Europe/London" }).success).toBe(true);
  expect(kitchenRequest.safeParse({ timeZone: "Atlantis" }).success).toBe(false);
  expect(kitchenRequest.safeParse({ name: "  " }).success).toBe(false);
});

test("a problem without issues has none", () => {
  expect(problemSchema.parse({ title: "t", status: 404, detail: "d" }).issues).toEqual([]);
});
