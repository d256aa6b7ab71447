import fc from "fast-check";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { lanesByDish, lanesByResource, rowsOf } from "./lanes";

const MIN = 60_000;
const task = (
  id: string,
  fromMin: number,
  minutes: number,
  part: Partial<PlannedTask> = {},
): PlannedTask => ({
  id,
  dishId: "loin",
  dish: "loin",
  stepId: id,
  kind: "tend",
  title: id,
  why: "",
  figures: [],
  handsMin: 0,
  startMs: fromMin * MIN,
  endMs: (fromMin + minutes) * MIN,
  earliestMs: 0,
  latestMs: 1000 * MIN,
  handsOn: true,
  elastic: false,
  uses: [],
  ...part,
});
const tasks = fc
  .array(fc.tuple(fc.integer({ min: 0, max: 600 }), fc.integer({ min: 0, max: 120 })), { maxLength: 25 })
  .map((all) => all.map(([from, minutes], i) => task(`t${i}`, from, minutes)));
const inBusiest = (all: readonly PlannedTask[], roomMs: number) =>
  Math.max(
    0,
    ...all.map(
      ({ startMs }) =>
        all.filter((t) => t.startMs <= startMs && startMs < Math.max(t.endMs, t.startMs + roomMs)).length,
    ),
  );

test("every task is drawn once, in a row where nothing lies over it, in no more rows than must be", () =>
  fc.assert(
    fc.property(tasks, fc.integer({ min: 1, max: 40 }), (all, roomMin) => {
      const rows = rowsOf(all, roomMin * MIN);
      expect(
        rows
          .flat()
          .map((t) => t.id)
          .sort(),
      ).toEqual(all.map((t) => t.id).sort());
      for (const row of rows)
        row.slice(1).forEach((t, i) => {
          expect(t.startMs).toBeGreaterThanOrEqual(row[i].endMs);
          expect(t.startMs).toBeGreaterThanOrEqual(row[i].startMs + roomMin * MIN);
        });
      expect(rows).toHaveLength(inBusiest(all, roomMin * MIN));
    }),
  ));

test("by dish, each has its lane in the order given, also one with nothing to do", () => {
  const lanes = lanesByDish(
    [task("salt", 0, 10), task("mix", 5, 10, { dishId: "tofu" })],
    [
      { id: "tofu", name: "Tofu" },
      { id: "bread", name: "Bread" },
      { id: "loin", name: "Loin" },
    ],
    MIN,
  );
  expect(lanes.map((l) => [l.name, l.rows.flat().map((t) => t.id)])).toEqual([
    ["Tofu", ["mix"]],
    ["Bread", []],
    ["Loin", ["salt"]],
  ]);
});

test("by what is used, a task lies in every lane it takes, and ovens are told apart", () => {
  const uses = (...ids: string[]) => ({ uses: ids.map((resourceId) => ({ resourceId, amount: 1 })) });
  const lanes = lanesByResource(
    [task("roast", 0, 60, uses("oven2", "tray")), task("baste", 20, 5, uses("hands")), task("stand", 0, 600)],
    MIN,
  );
  expect(lanes.map((l) => [l.name, l.rows.flat().map((t) => t.id)])).toEqual([
    ["Hands", ["baste"]],
    ["Oven 2", ["roast"]],
    ["Trays", ["roast"]],
  ]);
});
