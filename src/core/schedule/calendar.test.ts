import type { PlannedTask } from "./planned-tasks";
import { calendarAfter, type Calendar } from "./calendar";

const MIN = 60_000;
const NOW = Date.UTC(2026, 10, 28, 9);
const act = (id: string, atMin: number, part: Partial<PlannedTask> = {}): PlannedTask =>
  ({
    id,
    dish: "Duck legs",
    title: "Turn it",
    why: "Both faces.",
    startMs: NOW + atMin * MIN,
    endMs: NOW + (atMin + 30) * MIN,
    handsMin: 4,
    handsOn: true,
    ...part,
  }) as PlannedTask;
const first = calendarAfter({}, [act("a/turn", 60), act("a/out", 120)], NOW);

test("an act stands at its whole minute for as long as hands are wanted", () => {
  const odd = calendarAfter(
    {},
    [act("a/turn", 60, { startMs: NOW + 60 * MIN + 31_000, handsMin: 0.3 })],
    NOW,
  );
  expect(odd["a/turn"]).toMatchObject({ startMs: NOW + 61 * MIN, endMs: NOW + 62 * MIN, sequence: 0 });
  expect(first["a/turn"]).toMatchObject({
    startMs: NOW + 60 * MIN,
    endMs: NOW + 64 * MIN,
    summary: "Duck legs: Turn it",
    description: "Both faces.",
    cancelled: false,
  });
  expect(calendarAfter({}, [act("a/soak", 0, { handsOn: false })], NOW)).toEqual({});
});

test("the same plan again changes nothing, a moved act rises in sequence, the others stay", () => {
  expect(calendarAfter(first, [act("a/turn", 60), act("a/out", 120)], NOW + MIN)).toEqual(first);
  const moved = calendarAfter(first, [act("a/turn", 65), act("a/out", 120)], NOW + MIN);
  expect(moved["a/turn"]).toMatchObject({ startMs: NOW + 65 * MIN, sequence: 1, changedAtMs: NOW + MIN });
  expect(moved["a/out"]).toBe(first["a/out"]);
  // Less than half a minute is no move.
  const jitter = calendarAfter(
    first,
    [act("a/turn", 60, { startMs: NOW + 60 * MIN + 20_000 }), act("a/out", 120)],
    NOW,
  );
  expect(jitter).toEqual(first);
  expect(calendarAfter(first, [act("a/turn", 60, { title: "Turn both" })], NOW)["a/turn"].sequence).toBe(1);
  expect(calendarAfter(first, [act("a/turn", 60, { handsMin: 6 })], NOW)["a/turn"].sequence).toBe(1);
});

test("what is gone is cancelled once, what was done stays, what comes back goes on counting", () => {
  const gone = calendarAfter(first, [act("a/out", 120)], NOW + MIN);
  expect(gone["a/turn"]).toMatchObject({ cancelled: true, sequence: 1, changedAtMs: NOW + MIN });
  expect(calendarAfter(gone, [act("a/out", 120)], NOW + 2 * MIN)["a/turn"]).toBe(gone["a/turn"]);
  const back: Calendar = calendarAfter(gone, [act("a/turn", 60), act("a/out", 120)], NOW + 3 * MIN);
  expect(back["a/turn"]).toMatchObject({ cancelled: false, sequence: 2 });
  // Its hour has come, or is over: it was done, not called off.
  for (const later of [60, 61])
    expect(calendarAfter(first, [act("a/out", 120)], NOW + later * MIN)["a/turn"]).toBe(first["a/turn"]);
  expect(calendarAfter(first, [act("a/out", 120)], NOW + 60 * MIN - 1)["a/turn"].cancelled).toBe(true);
});
