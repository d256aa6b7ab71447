import { chops } from "../formula/formulation.fixture";
import { preparationOffered } from "../formula/offer/defaults";
import { withPreparation } from "../formula/offer/offered";
import { lasting } from "../quantity/said";
import { answerSitting } from "./answer";
import { canBeHad, earliestTable } from "./earliest";
import { nightsBetween } from "./hours";
import { breaches } from "./limits";
import { offersFor } from "./offers";
import { TAKEN_WITHIN_MS } from "./taken-within";
import { provisionsOf } from "./provisions";
import { problemFor, sittingOf } from "./read-request";
import type { BatchRequest, DishRequest, SittingRequest } from "./request";
import { withPlannedSoaks } from "./settle";
import { sittingOfDishes, trayOf } from "./sitting.fixture";

const MIN = 60_000;
const HOUR = 60 * MIN;
const NOW = Date.UTC(2026, 10, 26, 9);

const batch = (id: string, part: Partial<BatchRequest> = {}): BatchRequest => ({
  kind: "batch",
  id,
  name: id,
  formulation: chops({
    preparation: preparationOffered("dry", 0.012),
    readiness: "outside",
    pullH: 8,
    cook: { toC: 63, minutes: 40, restMin: 5, ovenC: 180 },
  }),
  ...part,
});
const tray = (name: string, minutes: number, ovenC = 180) => trayOf(name, minutes, { ovenC });
const sitting = (dishes: DishRequest[], part: Partial<SittingRequest> = {}) =>
  sittingOfDishes(NOW + 33 * HOUR, dishes, part);

function planned(request: SittingRequest) {
  const answer = answerSitting(request, NOW);
  if (answer.status !== "planned") throw new Error(answer.status);
  const at = (id: string) => {
    const task = answer.tasks.find((t) => t.id === id);
    if (!task) throw new Error(`no task ${id}`);
    return task;
  };
  return { ...answer, at };
}

describe("a sitting planned backwards from the table", () => {
  const request = sitting([batch("chops"), tray("carrots", 35)]);
  const plan = planned(request);

  test("breaks no limit, and every act of every dish is a task", () => {
    const s = sittingOf(request, NOW);
    if ("broken" in s) throw new Error(s.broken);
    const minutes = (ms: number) => Math.round((ms - NOW) / MIN);
    const problem = problemFor(request, withPlannedSoaks(s, plan.soakH), NOW);
    const times = Object.fromEntries(
      plan.tasks.map((t) => [t.id, { start: minutes(t.startMs), end: minutes(t.endMs) }]),
    );
    // Hands at the beginning of what then goes by itself; an oven that was hot already was not heated again.
    for (const { id, minMin } of problem.tasks) {
      const { start } = times[id.replace("#hands", "")] ?? { start: times["chops/stage_1"].start - 20 };
      times[id] ??= { start, end: start + minMin };
    }
    expect(breaches(problem, times)).toEqual([]);
    for (const act of [
      "weigh_out",
      "go_in",
      "soak",
      "lift_out",
      "preheat",
      "stage_1",
      "probe",
      "rest",
      "serve",
    ])
      expect(plan.at(`chops/${act}`)).toBeDefined();
  });

  test("all is on the table in its half hour, the soak as long as wanted, nobody up at night", () => {
    for (const id of ["chops/serve", "carrots/serve"]) {
      expect(plan.at(id).endMs).toBeLessThanOrEqual(request.tableMs);
      expect(plan.at(id).startMs).toBeGreaterThanOrEqual(request.tableMs - 30 * MIN);
    }
    const { startMs, endMs } = plan.at("chops/soak");
    expect((endMs - startMs) / HOUR).toBeGreaterThanOrEqual(8);
    const night = [Date.UTC(2026, 10, 26, 22, 30), Date.UTC(2026, 10, 27, 6, 30)];
    for (const task of plan.tasks.filter((t) => t.handsOn))
      expect(task.endMs <= night[0] || task.startMs >= night[1]).toBe(true);
  });

  test("the oven is hot before the food, and the stages touch", () => {
    const roast = { toC: 63, minutes: 60, restMin: 5, ovenC: 180 };
    const stages = [
      { ovenC: 160, minutes: 45, cover: "lid" as const },
      { ovenC: 220, minutes: 15, cover: "open" as const },
    ];
    const base = batch("roast");
    const p = planned(
      sitting([{ ...base, formulation: { ...base.formulation, cook: { ...roast, stages } } }]),
    );
    expect(p.at("roast/preheat").endMs).toBeLessThanOrEqual(p.at("roast/stage_1").startMs);
    expect(p.at("roast/stage_2").startMs - p.at("roast/stage_1").endMs).toBeLessThanOrEqual(2 * MIN);
  });

  test("what the cook put somewhere stays there, and the rest follows", () => {
    const { startMs } = plan.at("chops/weigh_out");
    const pinned = planned({
      ...request,
      pins: [{ taskId: "chops/weigh_out", startMs: startMs - 30 * MIN }],
    });
    expect(pinned.at("chops/weigh_out").startMs).toBe(startMs - 30 * MIN);
    const follows = pinned.at("chops/go_in").startMs - pinned.at("chops/weigh_out").endMs;
    expect(follows / MIN).toBeGreaterThanOrEqual(0);
    expect(follows / MIN).toBeLessThanOrEqual(60);
  });
});

describe("a living plan", () => {
  const at = (hoursAgo: number) => NOW - hoursAgo * HOUR;

  test("what is done is no task any more; a soak under way is what is left of it", () => {
    const going = batch("chops", { doneMs: { weigh_out: at(10), go_in: at(9.9) } });
    const p = planned(sitting([going], { tableMs: NOW + 8 * HOUR }));
    expect(p.tasks.map((t) => t.id)).not.toContain("chops/go_in");
    // It is shown from when it went in, not from when the plan was made.
    expect(p.at("chops/soak").startMs).toBe(at(9.9));
    expect(p.at("chops/soak").endMs).toBeGreaterThanOrEqual(NOW + 2 * HOUR);
  });

  test("a forecast that says later moves the rest and the table's chance", () => {
    const cooking = { go_in: at(14), lift_out: at(0.6), stage_1: at(0.5) };
    const on = batch("chops", { doneMs: cooking });
    const plain = planned(sitting([on], { tableMs: NOW + 60 * MIN }));
    expect(plain.at("chops/stage_1").endMs).toBe(NOW + 10 * MIN);
    const late = planned(sitting([{ ...on, outMs: { probe: NOW + 30 * MIN } }], { tableMs: NOW + 60 * MIN }));
    expect(late.at("chops/stage_1").endMs).toBe(NOW + 30 * MIN);
    expect(
      canBeHad(sitting([{ ...on, outMs: { probe: NOW + 90 * MIN } }], { tableMs: NOW + 60 * MIN }), NOW),
    ).toBe(false);
  });
});

describe("no plan: what clashes, and the least that helps", () => {
  test("a brine that cannot be ready: the stronger one, dry, or a later table, each tried", () => {
    const slow = batch("loin", {
      formulation: chops({
        readiness: "seasoned",
        pullH: 30,
        cook: { toC: 63, minutes: 40, restMin: 5, ovenC: 180 },
      }),
    });
    const request = sitting([slow], { tableMs: NOW + 12 * HOUR });
    const answer = answerSitting(request, NOW);
    if (answer.status !== "clash") throw new Error(answer.status);
    expect(answer.clash.map((c) => c.kind).sort()).toEqual(["soak", "table"]);
    const offers = offersFor(request, NOW, answer.demands);
    const kinds = offers.flatMap((o) => o.changes.map((c) => c.kind));
    expect(kinds).toContain("strongBrine");
    expect(kinds).toContain("laterTable");
    for (const offer of offers) expect(canBeHad(offer.request, NOW)).toBe(true);
    expect([...offers].sort((a, b) => a.cost - b.cost)).toEqual(offers);
  });

  test("the plan that comes nearest says the hours it has a thing stand, not those it was reckoned with", () => {
    // Oven and hands want it at another heat than the tart; its own hours may be four to sixteen.
    const hours = { mode: "stretch", leastH: 4, mostH: 16 } as const;
    const chopsWith = { ...batch("chops").formulation, hours };
    const tart = tray("tart", 60, 140);
    const request = sitting([batch("chops", { formulation: chopsWith }), { ...tart, holdMin: 0 }]);
    const pins = [
      { taskId: "chops/go_in", startMs: NOW + 10 * HOUR },
      { taskId: "tart/tray_0", startMs: request.tableMs - 70 * MIN },
    ];
    const answer = answerSitting({ ...request, pins }, NOW);
    if (answer.status !== "clash") throw new Error(answer.status);
    const stands = answer.nearest?.tasks.find((t) => t.kind === "soak");
    if (!stands) throw new Error("it stands in no plan");
    const minutes = (stands.endMs - stands.startMs) / MIN;
    expect(minutes).not.toBe(8 * 60);
    expect(stands.title).toBe(`In its salt, ${lasting(minutes)}`);
  });

  test("one oven at two heats at once: one dish at the other's heat, with its minutes", () => {
    const request = sitting([tray("gratin", 60, 140), tray("loaf", 50, 220)]);
    const answer = answerSitting(request, NOW);
    if (answer.status !== "clash") throw new Error(answer.status);
    expect(answer.clash.some((c) => c.kind === "resource" && c.resource === "oven")).toBe(true);
    const heats = offersFor(request, NOW, answer.demands).flatMap((o) =>
      o.changes.filter((c) => c.kind === "oneHeat"),
    );
    expect(heats).toContainEqual({ kind: "oneHeat", dish: "gratin", ovenC: 220, byMin: -24 });
  });

  test("a table in the past, or sooner than anything can be: the earliest that works, and not five minutes less", () => {
    const request = sitting([batch("chops")], { tableMs: NOW - HOUR });
    expect(answerSitting(request, NOW).status).toBe("clash");
    const tableMs = earliestTable(request, NOW) ?? NaN;
    expect(canBeHad({ ...request, tableMs }, NOW)).toBe(true);
    expect(canBeHad({ ...request, tableMs: tableMs - 5 * MIN }, NOW)).toBe(false);
  });

  test("the hour that is offered can be had for as long as it takes to read and to take it, to the minute", () => {
    const request = sitting([batch("chops")], { tableMs: NOW - HOUR });
    const later = offersFor(request, NOW, ["soak:chops"]).find((o) => o.id === "later");
    if (!later) throw new Error("no later hour is offered");
    const holds = (minutes: number) => canBeHad(later.request, NOW + minutes * MIN);
    expect([0, 9, 10].map(holds)).toEqual([true, true, true]);
    expect(answerSitting(later.request, NOW + TAKEN_WITHIN_MS).status).toBe("planned");
    // Five minutes are the steps it is looked for by: no more is given away.
    expect(holds(15)).toBe(false);
  });

  test("where it must be begun at once, the earliest hour of all is offered", () => {
    const first = sitting([batch("chops")], { tableMs: NOW - HOUR });
    const soonest = earliestTable(first, NOW) ?? NaN;
    // There as short as that takes, and then away for weeks: in ten minutes nothing can be had any more.
    const leaving = (fromMs: number) => ({ ...first, absences: [{ fromMs, toMs: NOW + 30 * 24 * HOUR }] });
    let leavesMs = soonest + 6 * HOUR;
    while (canBeHad({ ...leaving(leavesMs - 5 * MIN), tableMs: soonest }, NOW)) leavesMs -= 5 * MIN;
    const request = leaving(leavesMs);
    expect(earliestTable(request, NOW + TAKEN_WITHIN_MS)).toBeUndefined();
    const later = offersFor(request, NOW, ["soak:chops"]).find((o) => o.id === "later");
    expect(later?.request.tableMs).toBe(soonest);
  });

  test("too few trays: the trays are named, one more helps, and costs least", () => {
    const few = sitting([tray("carrots", 60), tray("parsnips", 60)]);
    const request = { ...few, kitchen: { ...few.kitchen, trays: 1 } };
    const answer = answerSitting(request, NOW);
    if (answer.status !== "clash") throw new Error(answer.status);
    expect(answer.demands).toContain("resource:tray");
    expect(offersFor(request, NOW, answer.demands)[0].changes).toEqual([{ kind: "another", what: "tray" }]);
  });

  test("no oven at all is said to be the oven's fault", () => {
    const none = sitting([tray("carrots", 35)]);
    const answer = answerSitting({ ...none, kitchen: { ...none.kitchen, ovens: 0 } }, NOW);
    if (answer.status !== "clash") throw new Error(answer.status);
    expect(answer.clash).toContainEqual({ kind: "resource", name: "oven", capacity: 0, resource: "oven" });
  });
});

describe("hours", () => {
  test("the night of the change of clocks is an hour longer, and elapsed time says so", () => {
    const from = Date.UTC(2026, 9, 24, 11);
    const nights = nightsBetween(from, from + 30 * HOUR, "Europe/London", { from: "22:30", to: "06:30" });
    const changed = nights.find((n) => n.fromMin > 0);
    expect((changed?.toMin ?? 0) - (changed?.fromMin ?? 0)).toBe(9 * 60);
  });

  test("quiet hours within one day", () => {
    const nights = nightsBetween(NOW, NOW + 24 * HOUR, "Europe/London", { from: "13:00", to: "15:00" });
    expect(nights[0]).toEqual({ fromMin: 240, toMin: 360 });
  });
});

test("provisions: summed over the dishes, foods as bought, nothing of what is under way", () => {
  const two = provisionsOf(sitting([batch("a"), batch("b"), tray("carrots", 35)]));
  const one = provisionsOf(sitting([batch("a"), batch("b", { doneMs: { go_in: NOW - HOUR } })]));
  expect(two.foods[0].massG).toBeCloseTo(2 * one.foods[0].massG, 6);
  expect(two.lines[0].dishes).toEqual(["a", "b"]);
  expect(one.dishes).toHaveLength(2);
  // A brine made of hot concentrate and ice: about half of its water is ice, and it is only cooled water.
  const brine = provisionsOf(sitting([batch("d", { formulation: chops() })]));
  const water = brine.lines.find((l) => l.id === "water")?.massG ?? NaN;
  expect(brine.iceG.brines / water).toBeGreaterThan(0.4);
  expect(brine.iceG.brines / water).toBeLessThan(0.6);
  expect(brine.iceG.coolers).toBe(0);
  expect(brine.vessels.map((v) => v.dish)).toEqual(["d"]);
  const crust = provisionsOf(sitting([batch("c", { formulation: withPreparation(chops(), "crust") })]));
  expect(crust.lines.some((l) => l.massG > 500)).toBe(true);
});
