import type { WorkView } from "@/contracts/work";
import { WALL_CLOCK } from "@/core/program/batch-clock";
import type { Entry } from "@/ui/outbox-queue";
import { notYetSaid, withPending, type Taken } from "./pending";

const said: WorkView = {
  batchId: "b1",
  done: { weigh_out: 1000 },
  skipped: [],
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

describe("what the server has taken and has not said yet", () => {
  const took = (...entries: Entry[]): Taken[] => entries.map((e) => ({ entry: e, atMs: 100_000 }));
  const still = (last: WorkView, taken: Taken[], laterMs = 500) =>
    notYetSaid(last, taken, 100_000 + laterMs).map((t) => t.entry);
  const goIn = entry("PUT", "acts/go_in", { atMs: 2000 });
  const notGoIn = entry("DELETE", "acts/go_in");
  const inNow = { ...said, done: { ...said.done, go_in: 2000 } };

  test("an older word changes nothing; the one that shows it lets go of it", () => {
    expect(still(said, took(goIn))).toEqual([goIn]);
    expect(still(inNow, took(goIn))).toEqual([]);
  });

  test("another's earlier tap on the same act shows it too", () => {
    expect(still({ ...inNow, done: { go_in: 1500 } }, took(goIn))).toEqual([]);
  });

  test("done and taken back: only the taking back counts, whichever word comes", () => {
    expect(still(inNow, took(goIn, notGoIn))).toEqual([notGoIn]);
    expect(still(said, took(goIn, notGoIn))).toEqual([]);
  });

  test("a line weighed twice: the second weight counts; another line is its own", () => {
    const weigh = (lineId: string, grams: number) => entry("PUT", "weights", { lineId, grams });
    const taken = took(weigh("pickling", 82), weigh("sugar", 12), weigh("pickling", 84));
    expect(still(said, taken)).toEqual([weigh("sugar", 12), weigh("pickling", 84)]);
    expect(still({ ...said, weights: { pickling: 84 } }, taken)).toEqual([weigh("sugar", 12)]);
  });

  test("every reading is waited for by itself", () => {
    const typed = (atMs: number) => ({ channel: "probe" as const, atMs, value: 44 });
    const [a, b] = [6000, 7000].map((atMs) => entry("POST", "samples", typed(atMs)));
    expect(still({ ...said, readings: [...said.readings, typed(6000)] }, took(a, b))).toEqual([b]);
  });

  test("a word long after the answer is right: another device has changed it since", () => {
    expect(still(said, took(goIn), 11_000)).toEqual([]);
  });
});
