import fc from "fast-check";
import { breaches } from "./limits";
import { nearestTo } from "./nearest";
import { clashOf } from "./clash";
import type { Problem } from "./model";
import { smallProblem, task } from "./schedule.fixture";

const kitchen = (part: Partial<Problem>): Problem => ({
  tasks: [],
  links: [],
  resources: [{ id: "oven", name: "the oven", kind: "oven", capacity: 2 }],
  closed: [],
  unloved: [],
  tableMin: 200,
  horizonMin: 200,
  ...part,
});
const oven = (ovenC: number) => [{ resourceId: "oven", amount: 1, ovenC }];

/** The same without some of its tasks. */
const without = (problem: Problem, ids: readonly string[]): Problem => ({
  ...problem,
  tasks: problem.tasks.filter((t) => !ids.includes(t.id)),
  links: problem.links.filter((l) => !ids.includes(l.before) && !ids.includes(l.after)),
  pins: problem.pins?.filter((p) => !ids.includes(p.taskId)),
});

test("but for the tasks it names, the nearest plan keeps everything", () => {
  let clashes = 0;
  fc.assert(
    fc.property(smallProblem(7), (problem) => {
      const clash = clashOf(problem, 20_000);
      if (!clash || clash.unsure) return;
      const near = nearestTo(problem, clash.demands);
      // Two things clash that have nothing to do with one another: no one wish let go is enough.
      if (!near) return;
      clashes++;
      expect(clash.demands).toContain(near.letGo);
      expect(near.misfits.length).toBeGreaterThan(0);
      expect(breaches(problem, near.plan).length).toBeGreaterThan(0);
      expect(breaches(without(problem, near.misfits), near.plan)).toEqual([]);
    }),
    { numRuns: 400, seed: 7 },
  );
  expect(clashes).toBeGreaterThan(15);
});

test("two heats at once: the kitchen gives way, not the food; who comes second is named", () => {
  const tasks = [
    task("ribs", 180, { uses: oven(140), demand: "ribs" }),
    task("loaf", 40, { uses: oven(220), demand: "loaf", hot: true }),
  ];
  const near = nearestTo(kitchen({ tasks }), ["loaf", "resource:oven", "ribs"]);
  expect(near).toMatchObject({ letGo: "resource:oven", misfits: ["loaf"] });
  // Heats a few degrees apart are one; a third tray is one too many.
  const alike = tasks.map((t) => ({ ...t, uses: oven(t.id === "ribs" ? 140 : 145) }));
  const third = [...alike, task("tart", 170, { uses: oven(140), demand: "tart" })];
  expect(nearestTo(kitchen({ tasks: third }), ["resource:oven"])?.misfits).toHaveLength(1);
});

test("of two wishes of the kitchen the one that costs fewer minutes is let go", () => {
  const act = task("turn", 30, { handsOn: true, fromMin: 100, untilMin: 130, demand: "turn" });
  const closed = [
    { fromMin: 90, toMin: 110, demand: "absence:0" },
    { fromMin: 105, toMin: 140, demand: "quiet" },
  ];
  const first = kitchen({ tasks: [act], closed: closed.slice(0, 1) });
  expect(nearestTo(first, ["absence:0"])).toMatchObject({ letGo: "absence:0", misfits: ["turn"] });
  const pinned = kitchen({
    tasks: [task("rest", 20, { fromMin: 50, demand: "rest" })],
    pins: [{ taskId: "rest", atMin: 40, demand: "pinned:rest" }],
  });
  expect(nearestTo(pinned, ["rest", "pinned:rest"])).toMatchObject({
    letGo: "pinned:rest",
    misfits: ["rest"],
  });
  expect(nearestTo(kitchen({ tasks: [act] }), [])).toBeUndefined();
});
