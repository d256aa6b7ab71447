import { chops, worked } from "@/core/formula/formulation.fixture";
import { actsFor } from "@/core/work/acts";
import { currentOf, overByNow, placed } from "./act-state";

const MIN = 60_000;
const HOUR = 60 * MIN;
const START = Date.UTC(2026, 10, 27, 20);
const f = chops({ pullH: 20 });
const acts = actsFor(f, worked(f));
const at = (done: Record<string, number>, hours: number) => placed(acts, START, done, START + hours * HOUR);
const find = (all: ReturnType<typeof at>, id: string) => all.find((a) => a.id === id);

test("just started: nothing of the getting ready is late, and the first of it is shown", () => {
  const all = at({}, 0.2);
  expect(all.filter((a) => a.missed)).toEqual([]);
  expect(currentOf(all)?.id).toBe(acts[0].id);
});

test("hours later the getting ready counts as passed over, and is still there", () => {
  const all = at({}, 7);
  expect(find(all, "weigh_out")?.missed).toBe(true);
  expect(currentOf(all)?.id).toBe("turn_8");
});

test("a turn nobody made is passed over ten minutes late; the next is shown", () => {
  const done = { go_in: START };
  expect(currentOf(at(done, 8.1))?.id).toBe("turn_8");
  const late = at(done, 8.5);
  expect(find(late, "turn_8")?.missed).toBe(true);
  expect(currentOf(late)?.id).toBe("turn_16");
});

test("lifted early: everything after comes along, and nobody is asked to turn it any more", () => {
  const all = at({ go_in: START, lift_out: START + 14 * HOUR }, 14);
  const planned = find(at({ go_in: START }, 14), "stage_1")?.dueMs ?? NaN;
  expect(find(all, "stage_1")?.dueMs).toBe(planned - 6 * HOUR);
  expect(find(all, "turn_16")).toBeUndefined();
});

test("into the oven late: probe, rest and table go by the oven", () => {
  const stage = acts.find((a) => a.id === "stage_1")?.atMin ?? NaN;
  const rest = acts.find((a) => a.id === "rest")?.atMin ?? NaN;
  const inMs = START + 22 * HOUR;
  const all = at({ go_in: START, lift_out: START + 20 * HOUR, stage_1: inMs }, 22);
  expect(find(all, "rest")?.dueMs).toBe(inMs + (rest - stage) * MIN);
});

test("acts stand in the order of their hours", () => {
  const dues = at({}, 0).map((a) => a.dueMs);
  expect(dues).toEqual([...dues].sort((a, b) => a - b));
});

describe("hands full: the clock moves on", () => {
  const over = (done: Record<string, number>, hours: number) =>
    overByNow(at(done, hours), START + hours * HOUR).map((a) => a.id);

  test("a turn whose minutes are over passes; what must be measured, judged or put in waits for a tap", () => {
    expect(over({ go_in: START }, 8.2)).toContain("turn_8");
    expect(over({ go_in: START }, 8.2)).not.toContain("weigh_out");
    expect(over({ go_in: START }, 30)).not.toContain("lift_out");
  });

  test("until the food went in, and after its lift-out is due, nothing begins by itself", () => {
    expect(over({}, 8.2)).not.toContain("turn_8");
    expect(over({ go_in: START }, 40)).not.toContain("rest");
    expect(over({ go_in: START, lift_out: START + 20 * HOUR }, 40)).not.toContain("rest");
  });

  test("once it is in the oven the rest passes by the clock, the probe never", () => {
    const cooking = { go_in: START, lift_out: START + 20 * HOUR, stage_1: START + 20.2 * HOUR };
    expect(over(cooking, 40)).toContain("rest");
    expect(over(cooking, 40)).not.toContain("probe");
  });
});
