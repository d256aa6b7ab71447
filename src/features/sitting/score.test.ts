import type { PlannedTask } from "@/core/schedule/planned-tasks";
import fc from "fast-check";
import { scoreOf } from "./score";

const MIN = 60_000;
const HOUR = 60 * MIN;
const START = Date.UTC(2026, 10, 26, 20);

const task = (
  id: string,
  startMin: number,
  minutes: number,
  over: Partial<PlannedTask> = {},
): PlannedTask => ({
  id: `loin/${id}`,
  dishId: "loin",
  dish: "Loin",
  stepId: id,
  kind: "tend",
  title: id,
  why: "",
  figures: [],
  startMs: START + startMin * MIN,
  endMs: START + (startMin + minutes) * MIN,
  earliestMs: START,
  latestMs: START + 100 * HOUR,
  handsMin: minutes,
  handsOn: true,
  elastic: false,
  uses: [],
  ...over,
});

const LOIN = [{ id: "loin", name: "Loin" }];
const soak = task("soak", 20, 20 * 60, {
  handsOn: false,
  elastic: true,
  uses: [{ resourceId: "fridge", amount: 8 }] as PlannedTask["uses"],
});
const NIGHT = [{ fromMs: START + 2 * HOUR, toMs: START + 10 * HOUR }];
const TABLE = START + 23 * HOUR;

test("moments in rows, empty hours folded with their length and nights", () => {
  const { rows } = scoreOf([task("slash", 0, 10), soak, task("out", 20 * 60 + 20, 5)], LOIN, NIGHT, TABLE);
  expect(rows).toEqual([
    { kind: "moment", atMs: START },
    { kind: "moment", atMs: START + 20 * MIN },
    { kind: "fold", fromMs: START + 20 * MIN, toMs: START + (20 * 60 + 20) * MIN, nights: 1 },
    { kind: "moment", atMs: START + (20 * 60 + 20) * MIN },
    { kind: "fold", fromMs: START + (20 * 60 + 25) * MIN, toMs: TABLE, nights: 0 },
    { kind: "moment", atMs: TABLE },
  ]);
});

test("a soak spans its rows; a turn within it stands on it, set in", () => {
  const turn = task("turn", 10 * 60, 3);
  const { columns } = scoreOf([soak, turn], LOIN, [], TABLE);
  const of = (id: string) => columns[0].blocks.find((b) => b.task.id === `loin/${id}`);
  expect(of("soak")?.depth).toBe(0);
  expect(of("turn")?.depth).toBe(1);
  expect(of("turn")?.from).toBeGreaterThan(of("soak")?.from ?? NaN);
  expect(of("turn")?.to).toBeLessThanOrEqual(of("soak")?.to ?? NaN);
});

test("what is in use, stretch by stretch", () => {
  const bake = task("bake", 21 * 60, 60, {
    handsOn: false,
    uses: [{ resourceId: "oven", amount: 1, ovenC: 180 }] as PlannedTask["uses"],
  });
  const { loads, rows } = scoreOf([soak, bake], LOIN, [], TABLE);
  const fridge = loads.find((l) => l.id === "fridge");
  expect(fridge?.spans).toHaveLength(1);
  expect(fridge?.spans[0].amount).toBe(8);
  const oven = loads.find((l) => l.id === "oven");
  expect(oven?.spans.map((s) => s.ovenC)).toEqual([180]);
  const row = rows[oven?.spans[0].from ?? 0];
  expect(row.kind === "moment" && row.atMs).toBe(bake.startMs);
});

test("every act has its block, none is without a row, and no two of one depth overlap in a column", () => {
  const any = fc.tuple(fc.integer({ min: 0, max: 3000 }), fc.integer({ min: 0, max: 900 }));
  fc.assert(
    fc.property(fc.array(any, { minLength: 1, maxLength: 20 }), (times) => {
      const tasks = times.map(([at, minutes], i) => task(String(i), at, minutes));
      const { rows, columns } = scoreOf(tasks, LOIN, [], START + 4000 * MIN);
      const { blocks } = columns[0];
      const apart = blocks.every((a) =>
        blocks.every((b) => a === b || a.depth !== b.depth || a.to <= b.from || b.to <= a.from),
      );
      const placed = blocks.every((b) => {
        const row = rows[b.from];
        return b.to > b.from && b.to <= rows.length && row.kind === "moment" && row.atMs === b.task.startMs;
      });
      return blocks.length === tasks.length && apart && placed;
    }),
    { seed: 6, numRuns: 100 },
  );
});

test("a stretch is taken hold of by the acts it begins and ends with; what does not stretch is not", () => {
  const into = task("go in", 20, 5);
  const out = task("take out", 20 * 60 + 20, 5);
  const edgesOf = (acts: PlannedTask[], of: string) =>
    scoreOf(acts, LOIN, [], TABLE).columns[0].blocks.find((b) => b.task.id === `loin/${of}`)?.edges;
  expect(edgesOf([into, soak, out], "soak")).toEqual({ from: into, till: out });
  // What was done before it ends where it begins.
  const weigh = task("weigh", 10, 10);
  expect(edgesOf([weigh, soak], "soak")).toEqual({ from: weigh });
  expect(edgesOf([task("early", 0, 5), soak, task("late", 20 * 60 + 21, 5)], "soak")).toEqual({});
  expect(edgesOf([into, { ...soak, elastic: false }, out], "soak")).toEqual({});
  expect(edgesOf([into, { ...soak, elastic: false, kind: "soak" }, out], "soak")?.till).toBe(out);
  expect(edgesOf([{ ...into, handsOn: false }, soak, { ...out, dishId: "duck" }], "soak")).toEqual({});
});
