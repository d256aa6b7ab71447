import { WALL_CLOCK, type WorkView } from "@/contracts/work";
import type { Entry } from "@/ui/outbox-queue";
import { withPending } from "./pending";

const said: WorkView = {
  batchId: "b1",
  done: { weigh_out: 1000 },
  weights: { pickling: 80 },
  scaledBy: 1,
  readings: [{ channel: "probe", atMs: 5000, value: 41 }],
  instruments: [],
  clock: WALL_CLOCK,
  startedAtMs: 0,
  liftedAtMs: null,
  judged: null,
  scale: null,
  photos: [],
};
const entry = (method: Entry["method"], what: string, body?: unknown): Entry => ({
  method,
  path: `/api/batches/b1/${what}`,
  body,
});

test("with nothing pending it is what the server said, and the same again", () => {
  expect(withPending(said, [])).toEqual(said);
});

test("a tap counts at once; what the server has already keeps its first time", () => {
  const taps = [entry("PUT", "acts/go_in", { atMs: 2000 }), entry("PUT", "acts/weigh_out", { atMs: 3000 })];
  expect(withPending(said, taps).done).toEqual({ weigh_out: 1000, go_in: 2000 });
  expect(said.done).toEqual({ weigh_out: 1000 });
});

test("taken back and tapped again: the order they were made in holds", () => {
  const back = entry("DELETE", "acts/weigh_out");
  expect(withPending(said, [back]).done).toEqual({});
  expect(withPending(said, [back, entry("PUT", "acts/weigh_out", { atMs: 4000 })]).done).toEqual({
    weigh_out: 4000,
  });
});

test("a weight taken again stands over the first, and so does a scaling", () => {
  const shown = withPending(said, [
    entry("PUT", "weights", { lineId: "pickling", grams: 84 }),
    entry("PUT", "weights", { lineId: "sugar", grams: 12 }),
    entry("PUT", "scaled", { scaledBy: 1.3 }),
  ]);
  expect(shown.weights).toEqual({ pickling: 84, sugar: 12 });
  expect(shown.scaledBy).toBe(1.3);
});

test("lifted once: the first time stands", () => {
  const lifts = [entry("POST", "lift", { atMs: 7000 }), entry("POST", "lift", { atMs: 9000 })];
  expect(withPending(said, lifts).liftedAtMs).toBe(7000);
  expect(withPending({ ...said, liftedAtMs: 6000 }, lifts).liftedAtMs).toBe(6000);
});

test("a reading typed here is shown once, also when the server has it already", () => {
  const typed = { channel: "probe", atMs: 6000, value: 44 };
  expect(withPending(said, [entry("POST", "samples", typed)]).readings).toEqual([...said.readings, typed]);
  expect(withPending(said, [entry("POST", "samples", said.readings[0])]).readings).toEqual(said.readings);
});

test("what it does not show itself leaves it as it was", () => {
  expect(withPending(said, [entry("PUT", "pace", { speed: 60 })])).toEqual(said);
});
