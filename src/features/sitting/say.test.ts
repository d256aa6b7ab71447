import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { lanesByDish, lanesByResource, rowsOf } from "./lanes";
import { unitsOf } from "@/ui/units";
import { movedBy, sayDemand, sayMoved, sayMovedBy, sayOffer } from "./say";

const MIN = 60_000;
const task = (id: string, startMin: number, minutes = 10, part: Partial<PlannedTask> = {}): PlannedTask => ({
  id,
  dishId: "lamb",
  dish: "Lamb",
  stepId: id,
  kind: "tend",
  title: id,
  why: "",
  figures: [],
  handsMin: 0,
  startMs: startMin * MIN,
  endMs: (startMin + minutes) * MIN,
  earliestMs: startMin * MIN,
  latestMs: startMin * MIN,
  handsOn: true,
  elastic: false,
  uses: [],
  ...part,
});

describe("what moved", () => {
  const before = [task("lamb out", 100), task("carve", 150)];

  test("one act later, and nothing else", () => {
    expect(sayMoved(before, [task("lamb out", 125), task("carve", 150)])).toBe(
      "Lamb: lamb out 25 min later; nothing else moves",
    );
  });

  test("the furthest are told first, the rest counted", () => {
    const many = Array.from({ length: 7 }, (_, i) => task(`act ${i}`, i * 20));
    const moved = many.map((t, i) => task(t.id, i * 20 - i * 5));
    expect(sayMoved(many, moved)).toBe(
      "Lamb: act 6 30 min earlier; Lamb: act 5 25 min earlier; Lamb: act 4 20 min earlier; Lamb: act 3 15 min earlier; 2 more move with it",
    );
  });

  test("a minute is not worth a word; what is done is counted", () => {
    expect(sayMoved(before, [task("lamb out", 101), task("carve", 150)])).toBeUndefined();
    expect(sayMoved(before, [task("carve", 150)])).toBe("1 done or gone");
  });
});

test.each([
  [
    { kind: "soak", dish: "Loin", minMin: 1230, maxMin: 2880 } as const,
    "Loin soaks at least 20 h 30, at most 2 d",
  ],
  [{ kind: "resource", name: "oven", capacity: 0, resource: "oven" } as const, "there is no oven"],
  [{ kind: "resource", name: "hands", capacity: 1, resource: "hands" } as const, "there is one cook"],
  [{ kind: "pinned", title: "Carve" } as const, "“Carve” was put where it is"],
  [{ kind: "quiet" } as const, "nobody stirs in the quiet hours"],
])("a demand is said as a cook would: %j", (facts, words) => {
  expect(sayDemand(facts)).toBe(words);
});

test.each([
  [
    { kind: "oneHeat", dish: "Mullet", ovenC: 200, byMin: 6 } as const,
    "Mullet at 200 °C with the others: +6 min",
  ],
  [
    { kind: "strongBrine", dish: "Loin", percent: 8, hours: 9 } as const,
    "Loin: the stronger brine, 8 %, 9 h",
  ],
  [
    { kind: "laterTable", tableMs: Date.UTC(2026, 10, 28, 18, 20), byMin: 20 } as const,
    "Table 20 min later: Sat 18:20",
  ],
  [{ kind: "unpin", taskId: "a" } as const, "Let “Carve” move again"],
  [{ kind: "apart", dish: "Duck" } as const, "Duck on its own, when it is done; the rest at the hour"],
])("an offer is said with what it costs: %j", (facts, words) => {
  expect(sayOffer(facts, "Europe/London", () => "Carve", unitsOf("metric"))).toBe(words);
});

describe("lanes", () => {
  test("what overlaps lies in rows of its own; a narrow task takes the room it is drawn in", () => {
    const rows = rowsOf([task("a", 0, 30), task("b", 10, 5), task("c", 31, 5)], 0);
    expect(rows.map((r) => r.map((t) => t.id))).toEqual([["a", "c"], ["b"]]);
    expect(rowsOf([task("a", 0, 1), task("b", 2, 1)], 5 * MIN)).toHaveLength(2);
  });

  test("a lane a dish, in their order; a lane a resource, by what is used", () => {
    const tasks = [
      task("a", 0, 5, { uses: [{ resourceId: "oven2", amount: 1 }] }),
      task("b", 0, 5, { dishId: "x" }),
    ];
    const dishes = [
      { id: "x", name: "X" },
      { id: "lamb", name: "Lamb" },
    ];
    expect(lanesByDish(tasks, dishes, 0).map((l) => [l.name, l.rows[0]?.[0]?.id])).toEqual([
      ["X", "b"],
      ["Lamb", "a"],
    ]);
    expect(lanesByResource(tasks, 0).map((l) => l.name)).toEqual(["Oven 2"]);
  });
});

test("how far each act moved is marked, from two minutes on; what is new has not moved", () => {
  const before = [task("a", 100), task("b", 150), task("c", 200)];
  const after = [task("a", 102), task("b", 149), task("c", 130), task("d", 10)];
  expect([...movedBy(before, after)]).toEqual([
    ["a", 2],
    ["c", -70],
  ]);
  expect(sayMovedBy(2)).toBe("2 min later");
  expect(sayMovedBy(-70)).toMatch(/earlier$/);
});
