import { chops, worked } from "../formula/formulation.fixture";
import { piecesOffered } from "../formula/offer/defaults";
import { withPreparation } from "../formula/offer/offered";
import type { Formulation } from "../formulation";
import { findFood } from "../materials/lookup";
import { programOf } from "../program/program";
import { answerSitting } from "./answer";
import { provisionsOf } from "./provisions";
import type { DishRequest, SittingRequest } from "./request";
import { sittingOfDishes, SMALL_KITCHEN, trayOf } from "./sitting.fixture";

/* Whole evenings with their sums done by hand: what the Bench decides is what is planned, to the minute. */

const MIN = 60_000;
const HOUR = 60 * MIN;
/** Thirty seconds past the minute: a plan is in whole ones all the same. */
const NOW = Date.UTC(2026, 10, 27, 9, 0, 30);
const TABLE = Date.UTC(2026, 10, 28, 18);

function of(foodId: string, change: (f: Formulation) => Formulation): Formulation {
  const food = findFood(foodId);
  if (!food) throw new Error(foodId);
  return change(chops({ foodId, pieces: piecesOffered(food, 1) }));
}
const dish = (id: string, formulation: Formulation): DishRequest => ({
  kind: "batch",
  id,
  name: id,
  formulation,
});
const evening = (dishes: DishRequest[], part: Partial<SittingRequest> = {}) =>
  sittingOfDishes(TABLE, dishes, part);

function planned(request: SittingRequest) {
  const answer = answerSitting(request, NOW);
  if (answer.status !== "planned") throw new Error(JSON.stringify(answer));
  const clock = (ms: number) => new Date(ms).toISOString().slice(11, 16);
  const task = (id: string) => {
    const found = answer.tasks.find((t) => t.id === id);
    if (!found) throw new Error(`no task ${id} among ${answer.tasks.map((t) => t.id).join(", ")}`);
    return found;
  };
  return {
    answer,
    task,
    at: (id: string) => clock(task(id).startMs),
    till: (id: string) => clock(task(id).endMs),
  };
}

const leg = of("lamb_leg_bonein", (f) => ({
  ...withPreparation(f, "dry"),
  pieces: { ...f.pieces, totalMassG: 2400 },
  pullH: 20,
  cook: {
    toC: 60,
    minutes: 170,
    restMin: 25,
    carveMin: 10,
    stages: [
      { ovenC: 120, minutes: 150, cover: "lid", action: "baste", everyMin: 40 },
      { ovenC: 220, minutes: 20, cover: "open" },
    ],
  },
}));
const belly = of("pork_belly", (f) => ({
  ...f,
  pieces: { ...f.pieces, totalMassG: 3000 },
  readiness: "outside",
  pullH: 16,
  holding: { ...f.holding, place: "cooler" },
}));

test("lamb leg in two stages, table 18:00: out 17:25, up 17:05, in 14:35, basted 15:15, 15:55, 16:35, the oven lit once", () => {
  const { at, till, answer } = planned(evening([dish("leg", leg)]));
  expect(at("leg/oven_out")).toBe("17:25");
  expect(at("leg/stage_2")).toBe("17:05");
  expect(at("leg/stage_1")).toBe("14:35");
  expect(["leg/tend_1_1", "leg/tend_1_2", "leg/tend_1_3"].map(at)).toEqual(["15:15", "15:55", "16:35"]);
  expect([at("leg/serve"), till("leg/serve")]).toEqual(["17:50", "18:00"]);
  const heats = answer.tasks.filter((t) => t.kind === "preheat");
  expect(heats.map((t) => t.title)).toEqual(["Heat the oven to 120 °C"]);
  expect(heats[0].endMs).toBeLessThanOrEqual(Date.UTC(2026, 10, 28, 14, 35));
  expect(answer.tasks.every((t) => t.startMs % MIN === 0 && t.endMs % MIN === 0)).toBe(true);
});

test("a bird at 135 °C for 195 min, then 190 °C for 135 min: stages add up, not the last alone", () => {
  const bird = of("goose_whole", (f) => ({
    ...withPreparation(f, "dry"),
    pullH: 20,
    cook: {
      toC: 80,
      minutes: 330,
      restMin: 30,
      carveMin: 10,
      stages: [
        { ovenC: 135, minutes: 195, cover: "foil" },
        { ovenC: 190, minutes: 135, cover: "open" },
      ],
    },
  }));
  const { at } = planned(evening([dish("bird", bird)], { tableMs: TABLE - HOUR }));
  expect([at("bird/oven_out"), at("bird/stage_2"), at("bird/stage_1")]).toEqual(["16:20", "14:05", "10:50"]);
});

describe("the cook's own hours stand", () => {
  const goat = of("goat_leg", (f) => ({ ...withPreparation(f, "marinade"), pullH: 2 }));

  test("a marinade set to 2 h is planned for 2 h; let stretch between 2 and 6, it may stretch", () => {
    const hours = (f: Formulation) => {
      const { task } = planned(evening([dish("goat", f)]));
      return (task("goat/soak").endMs - task("goat/soak").startMs) / HOUR;
    };
    expect(hours(goat)).toBe(2);
    const loose = hours({ ...goat, hours: { mode: "stretch", leastH: 2, mostH: 6 } });
    expect(loose).toBeGreaterThanOrEqual(2);
    expect(loose).toBeLessThanOrEqual(6);
  });

  test("a dry brine whose hours cannot be had is shortened as readily as drawn out", () => {
    const held = answerSitting(evening([dish("leg", { ...leg, pullH: 40, hours: { mode: "hold" } })]), NOW);
    expect(held.status).toBe("clash");
    const { task } = planned(
      evening([dish("leg", { ...leg, pullH: 40, hours: { mode: "stretch", leastH: 12 } })]),
    );
    const stood = (task("leg/soak").endMs - task("leg/soak").startMs) / HOUR;
    expect(stood).toBeLessThan(40);
    expect(stood).toBeGreaterThan(27);
  });
});

test("a cooler stretched from 16 h to 19: ice looked at within every five hours to the end, and ice for 19 h", () => {
  const stretched = { ...belly, hours: { mode: "stretch" as const, leastH: 19, mostH: 22 } };
  const request = evening([dish("belly", { ...stretched, pullH: 19 })], { getsUp: true });
  const { answer, task } = planned(request);
  const looks = answer.tasks.filter((t) => t.kind === "ice").map((t) => t.startMs);
  const edges = [task("belly/soak").startMs, ...looks, task("belly/soak").endMs];
  const gaps = edges.slice(1).map((ms, i) => (ms - edges[i]) / HOUR);
  expect(Math.max(...gaps)).toBeLessThanOrEqual(5);
  expect(gaps.at(-1)).toBeLessThan(5);
  const ice = (soakH: number) => provisionsOf(request, { belly: soakH }).iceG.coolers;
  expect(provisionsOf(request, answer.soakH).iceG.coolers / ice(16)).toBeCloseTo(answer.soakH.belly / 16, 6);
  // What is bought is what the acts ask for: about it at the start, and at every look.
  const { steps } = programOf(stretched, worked(stretched), { soakH: answer.soakH.belly });
  const asked = steps
    .filter((s) => s.kind === "goIn" || s.kind === "ice")
    .flatMap((s) => s.figures)
    .reduce((sum, figure) => sum + (figure.what === "ice" ? figure.value : 0), 0);
  expect(ice(answer.soakH.belly)).toBeCloseTo(asked, 6);
});

test("trays of 20 and 7 min beside a fish of 5: all are ready at one minute", () => {
  const fish = of("mackerel_fillet", (f) => ({
    ...withPreparation(f, "dry"),
    pullH: 1,
    cook: { toC: 60, minutes: 5, restMin: 3, ovenC: 200 },
  }));
  const roots = trayOf("Roots", 20, {
    ovenC: 200,
    trays: [
      { name: "carrots", minutes: 20 },
      { name: "peppers", minutes: 7 },
    ],
  });
  const { till, answer } = planned(evening([dish("fish", fish), roots]));
  expect(till("roots/tray_0")).toBe(till("roots/tray_1"));
  // One heat, one oven: it is lit once.
  expect(answer.tasks.filter((t) => t.kind === "preheat")).toHaveLength(1);
});

test("an oven is lit once for each heat, and again where another heat came between", () => {
  const tray = (name: string, minutes: number, ovenC: number) =>
    trayOf(name, minutes, { ovenC, prepMin: 0, holdMin: 90 });
  const { answer } = planned(evening([tray("Gratin", 40, 150), tray("Loaf", 30, 220)]));
  const heats = answer.tasks.filter((t) => t.kind === "preheat").map((t) => t.title);
  expect([...heats].sort()).toEqual(["Heat the oven to 150 °C", "Heat the oven to 220 °C"]);
});

test("quiet hours hold for every act, also when somebody gets up for one of them", () => {
  const { answer } = planned(
    evening([dish("leg", leg), dish("belly", { ...belly, pullH: 8 })], {
      getsUp: true,
      kitchen: { ...SMALL_KITCHEN, ovens: 2 },
    }),
  );
  const night = [Date.UTC(2026, 10, 27, 22, 30), Date.UTC(2026, 10, 28, 6, 30)];
  const atNight = answer.tasks.filter(
    (t) => t.handsOn && t.startMs < night[1] && t.startMs + t.handsMin * MIN > night[0],
  );
  // Only what cannot wait: the ice.
  expect(atNight.every((t) => t.kind === "ice")).toBe(true);
});

describe("the same request, the same plan", () => {
  const request = evening([
    dish("leg", leg),
    trayOf("Roots", 50),
    trayOf("Greens", 12, { ovenC: undefined }),
  ]);

  test("whatever the second, and with a clock that must not be asked", () => {
    const first = answerSitting(request, NOW);
    const clocks = [jest.spyOn(Date, "now"), jest.spyOn(performance, "now"), jest.spyOn(Math, "random")];
    for (const clock of clocks)
      clock.mockImplementation(() => {
        throw new Error("the planner asked a clock or a die");
      });
    try {
      expect(answerSitting(request, NOW)).toEqual(first);
      expect(answerSitting(request, NOW + 20_000)).toEqual(first);
    } finally {
      for (const clock of clocks) clock.mockRestore();
    }
  });

  test("a table moved by half an hour moves every act of the oven by half an hour", () => {
    const [a, b] = [planned(request), planned({ ...request, tableMs: TABLE + 30 * MIN })];
    for (const id of ["leg/stage_1", "leg/oven_out", "leg/serve"])
      expect(b.task(id).startMs - a.task(id).startMs).toBe(30 * MIN);
  });
});
