import { chops } from "@/core/formula/formulation.fixture";
import { trayOf, USUAL_HOURS } from "@/core/schedule/sitting.fixture";
import { bodyFrom, requestOf } from "./sitting-request";
import { sittingBody, type SittingBody, type SittingView } from "./sitting";

const NOW = Date.UTC(2026, 10, 26, 9);

const body = (part: Partial<SittingBody> = {}): SittingBody => ({
  name: "Saturday",
  tableMs: NOW + 30 * 3_600_000,
  dishes: [
    { kind: "formula", id: "chops", name: "Chops", formulaId: "f1", formulation: chops() },
    { kind: "running", id: "duck", name: "Duck legs", batchId: "b1" },
    trayOf("Roots", 50, { ovenC: 200 }),
  ],
  ...USUAL_HOURS,
  ...part,
});

const view = (part: Partial<SittingView> = {}): Pick<SittingView, "body" | "timeZone" | "running"> => ({
  body: body(),
  timeZone: "Europe/London",
  running: [
    {
      kind: "batch",
      id: "duck",
      name: "Duck legs",
      batchId: "b1",
      formulation: chops(),
      doneMs: { go_in: NOW },
    },
  ],
  ...part,
});

const refusedAt = (changed: unknown) =>
  sittingBody.safeParse(changed).error?.issues.map((i) => i.path.join("."));

describe("what a sitting may be", () => {
  test.each<[string, unknown, string]>([
    ["an hour that is none", { ...body(), quiet: { from: "25:00", to: "06:30" } }, "quiet.from"],
    ["back before leaving", { ...body(), absences: [{ fromMs: NOW, toMs: NOW - 1 }] }, "absences.0"],
    ["no name", { ...body(), name: "  " }, "name"],
    ["less than no cooks", { ...body(), kitchen: { ...body().kitchen, cooks: -1 } }, "kitchen.cooks"],
    ["nothing on the tray", { ...body(), dishes: [{ ...body().dishes[2], trays: [] }] }, "dishes.0.trays"],
    ["thirteen dishes", { ...body(), dishes: Array.from({ length: 13 }, () => body().dishes[2]) }, "dishes"],
  ])("%s is refused, and where is said", (_, changed, path) => {
    expect(refusedAt(changed)).toContain(path);
  });

  test("a resource of nothing is allowed: the planner says what it costs", () => {
    expect(refusedAt({ ...body(), kitchen: { ...body().kitchen, ovens: 0 } })).toBeUndefined();
  });
});

test("the planner is asked with what stands behind a running dish; a batch that is gone is left out", () => {
  expect(requestOf(view()).dishes.map((d) => [d.id, d.kind])).toEqual([
    ["chops", "batch"],
    ["duck", "batch"],
    ["roots", "plain"],
  ]);
  expect(requestOf(view({ running: [] })).dishes.map((d) => d.id)).toEqual(["chops", "roots"]);
});

test("an offer changes what is kept: a formulation, a tray, the hour; a running dish stays what it is", () => {
  const request = requestOf(view());
  const changed = {
    ...request,
    tableMs: NOW,
    dishes: request.dishes.map((d) =>
      d.kind === "plain" ? { ...d, ovenC: 180 } : { ...d, formulation: { ...d.formulation, pullH: 9 } },
    ),
  };
  const kept = bodyFrom(body(), changed);
  expect(kept.tableMs).toBe(NOW);
  expect(kept.dishes[0]).toMatchObject({ kind: "formula", formulaId: "f1", formulation: { pullH: 9 } });
  expect(kept.dishes[1]).toEqual(body().dishes[1]);
  expect(kept.dishes[2]).toMatchObject({ ovenC: 180 });
});
