import fc from "fast-check";
import { breaches } from "./limits";
import { nearestTo } from "./nearest";
import { clashesOf } from "./clash";
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
      const found = clashesOf(problem, 20_000);
      if (found.some((c) => c.unsure)) return;
      const near = nearestTo(
        problem,
        found.map((c) => c.demands),
      );
      // What hangs together by more than the first thing let go.
      if (!near) return;
      clashes++;
      expect(near.letGo).toHaveLength(found.length);
      found.forEach((c, i) => expect(c.demands).toContain(near.letGo[i]));
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
  const near = nearestTo(kitchen({ tasks }), [["loaf", "resource:oven", "ribs"]]);
  expect(near).toMatchObject({ letGo: ["resource:oven"], misfits: ["loaf"] });
  // Heats a few degrees apart are one; a third tray is one too many.
  const alike = tasks.map((t) => ({ ...t, uses: oven(t.id === "ribs" ? 140 : 145) }));
  const third = [...alike, task("tart", 170, { uses: oven(140), demand: "tart" })];
  expect(nearestTo(kitchen({ tasks: third }), [["resource:oven"]])?.misfits).toHaveLength(1);
});

test("of two wishes of the kitchen the one that costs fewer minutes is let go", () => {
  const act = task("turn", 30, { handsOn: true, fromMin: 100, untilMin: 130, demand: "turn" });
  const closed = [
    { fromMin: 90, toMin: 110, demand: "absence:0" },
    { fromMin: 105, toMin: 140, demand: "quiet" },
  ];
  const first = kitchen({ tasks: [act], closed: closed.slice(0, 1) });
  expect(nearestTo(first, [["absence:0"]])).toMatchObject({ letGo: ["absence:0"], misfits: ["turn"] });
  const pinned = kitchen({
    tasks: [task("rest", 20, { fromMin: 50, demand: "rest" })],
    pins: [{ taskId: "rest", atMin: 40, demand: "pinned:rest" }],
  });
  expect(nearestTo(pinned, [["rest", "pinned:rest"]])).toMatchObject({
    letGo: ["pinned:rest"],
    misfits: ["rest"],
  });
  expect(nearestTo(kitchen({ tasks: [act] }), [])).toBeUndefined();
});

test("what is let go gives way by no more than it must; the dishes of a late table stay together", () => {
  const dish = (id: string, soakMin: number, untilMin: number) => ({
    tasks: [
      task(`${id}/soak`, soakMin, { demand: `soak:${id}` }),
      task(`${id}/serve`, 20, { fromMin: untilMin - 40, untilMin, demand: `table:${id}` }),
    ],
    links: [{ before: `${id}/soak`, from: "end", after: `${id}/serve`, to: "start", minMin: 0 }] as const,
  });
  const sitting = (...dishes: ReturnType<typeof dish>[]): Problem =>
    kitchen({
      tasks: dishes.flatMap((d) => d.tasks),
      links: dishes.flatMap((d) => [...d.links]),
      horizonMin: 9000,
    });
  // A table that is too soon, one of now, one of three days ago: as soon as the soak is over.
  for (const untilMin of [319, 0, -4320]) {
    const near = nearestTo(sitting(dish("duck", 300, untilMin)), [["table:duck"]]);
    expect(near).toMatchObject({ letGo: ["table:duck"], misfits: ["duck/serve"] });
    expect(near?.plan["duck/serve"]).toEqual({ start: 300, end: 320 });
  }
  // Who waits for the other waits with it: as many minutes over for both, as late as that lets it.
  const two = sitting(dish("duck", 300, -60), dish("tofu", 100, -60));
  const late = nearestTo(two, [["table:duck"], ["table:tofu"]]);
  expect(late?.plan).toMatchObject({ "duck/serve": { end: 320 }, "tofu/serve": { end: 320 } });
  // Of a soak and its table the one is let go that gives fewer minutes.
  const near = nearestTo(sitting(dish("duck", 300, 290)), [["soak:duck", "table:duck"]]);
  expect(near?.letGo).toEqual(["soak:duck"]);
  expect(near?.plan["duck/soak"]).toEqual({ start: 0, end: 270 });
  // Pinned where it cannot be, it comes as near to that as it can.
  const pinned = kitchen({
    tasks: [task("rest", 20, { fromMin: 50, demand: "rest" })],
    pins: [{ taskId: "rest", atMin: 40, demand: "pinned:rest" }],
    horizonMin: 9000,
  });
  expect(nearestTo(pinned, [["pinned:rest"]])?.plan.rest.start).toBe(50);
});

test("two clashes that have nothing to do with one another: each is told, and one wish of each is let go", () => {
  const tasks = [
    task("ribs", 180, { uses: oven(140), demand: "ribs" }),
    task("loaf", 40, { uses: oven(220), demand: "loaf", hot: true }),
    task("turn", 30, { handsOn: true, fromMin: 100, untilMin: 130, demand: "turn" }),
  ];
  const both = kitchen({ tasks, closed: [{ fromMin: 90, toMin: 110, demand: "absence:0" }] });
  const found = clashesOf(both).map((c) => [...c.demands].sort());
  expect(found).toHaveLength(2);
  expect(found).toContainEqual(["absence:0", "turn"]);
  expect(found).toContainEqual(["loaf", "resource:oven", "ribs"]);
  // Letting go of one of them alone is no plan.
  for (const one of found) expect(nearestTo(both, [one])).toBeUndefined();
  const near = nearestTo(both, found);
  expect([...(near?.letGo ?? [])].sort()).toEqual(["absence:0", "resource:oven"]);
  expect([...(near?.misfits ?? [])].sort()).toEqual(["loaf", "turn"]);
  // One clash alone stays one.
  expect(clashesOf(kitchen({ tasks: tasks.slice(0, 2) }))).toHaveLength(1);
  expect(clashesOf(kitchen({ tasks: tasks.slice(0, 1) }))).toEqual([]);
});
