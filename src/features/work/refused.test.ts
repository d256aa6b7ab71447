import type { Refused } from "@/ui/outbox-queue";
import { refusedCore, refusedJudgement, refusedWeights } from "./refused";

const put = (what: string, body: unknown): Refused => ({
  entry: { method: "PUT", path: `/api/batches/b/${what}`, body },
  detail: `no ${what}`,
});
const judged = { faults: [], words: "Good." };
const ALL = [
  put("samples", { channel: "coreA", atMs: 1, value: 51 }),
  put("samples", { channel: "coreA", atMs: 2, value: 52 }),
  put("weights", { lineId: "salt", grams: 40 }),
  put("weights", { lineId: "sugar", grams: 20 }),
  put("outcome", judged),
  put("acts/weigh", { atMs: 1 }),
];

test("what was not taken comes back to the field it was entered in, with the reason", () => {
  expect(refusedCore(ALL, "coreA")).toMatchObject({ value: 52, detail: "no samples", entry: ALL[1]?.entry });
  const weights = refusedWeights(ALL);
  expect([...weights.keys()]).toEqual(["salt", "sugar"]);
  expect(weights.get("salt")).toMatchObject({ value: 40, detail: "no weights" });
  expect(refusedJudgement(ALL)).toMatchObject({ value: judged, detail: "no outcome" });
});

test("to no other", () => {
  expect(refusedCore(ALL, "coreB")).toBeUndefined();
  expect(refusedCore([], "coreA")).toBeUndefined();
  expect(refusedWeights(ALL.slice(4)).size).toBe(0);
  expect(refusedJudgement(ALL.slice(0, 4))).toBeUndefined();
});
