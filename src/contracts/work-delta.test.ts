import fc from "fast-check";
import { WALL_CLOCK } from "@/core/program/batch-clock";
import { CHANNELS, type WorkView } from "./work";
import { byTime, withDelta, workDelta } from "./work-delta";

const NOW = Date.UTC(2026, 10, 28, 15);

const readings = fc
  .uniqueArray(
    fc.record({
      channel: fc.constantFrom(...CHANNELS),
      atMs: fc.integer({ min: 0, max: 40 }).map((n) => NOW + n * 1000),
      value: fc.integer({ min: 0, max: 5 }),
    }),
    { selector: (r) => `${r.channel} ${r.atMs}`, maxLength: 30 },
  )
  .map((rs) => rs.sort(byTime));
const state: fc.Arbitrary<WorkView> = fc.record({
  batchId: fc.constant("b"),
  done: fc.dictionary(fc.constantFrom("go_in", "turn"), fc.integer()),
  skipped: fc.subarray(["rest"]),
  weights: fc.dictionary(fc.constantFrom("salt", "water"), fc.integer({ min: 0 })),
  scaledBy: fc.constantFrom(1, 1.5),
  readings,
  instruments: fc.subarray([...CHANNELS]),
  clock: fc.constant(WALL_CLOCK),
  startedAtMs: fc.constant(NOW),
  liftedAtMs: fc.option(fc.integer()),
  judged: fc.constant(null),
  scale: fc.option(fc.record({ grams: fc.integer(), steady: fc.boolean() })),
  photos: fc.constant([]),
});

test("the difference put on the earlier state is the later one, over the wire as well", () =>
  fc.assert(
    fc.property(state, state, (before, after) => {
      const delta = workDelta(before, after);
      if (!delta) return expect(after).toEqual(before);
      expect(withDelta(before, JSON.parse(JSON.stringify(delta)) as typeof delta)).toEqual(after);
    }),
  ));

test("the same state has none; one more reading is one reading, not all of them", () =>
  fc.assert(
    fc.property(state, (work) => {
      expect(workDelta(work, structuredClone(work))).toBeUndefined();
      const later = { channel: "fridge" as const, atMs: NOW + 99_000, value: 3 };
      expect(workDelta(work, { ...work, readings: [...work.readings, later] })).toEqual({
        set: {},
        came: [later],
      });
    }),
  ));
