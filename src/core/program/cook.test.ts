import { chops, foodIn, perKg } from "../formula/formulation.fixture";
import type { Cook, CookStage, Formulation } from "../formulation";
import { cookSteps } from "./cook";
import { dishOf, held, stepIn, tied, timed } from "./program.fixture";

const open = (part: Partial<CookStage> = {}): CookStage => ({
  ovenC: 180,
  minutes: 60,
  cover: "open",
  ...part,
});
const staged = (stages: CookStage[], change: Partial<Formulation> = {}, cook: Partial<Cook> = {}) =>
  dishOf(
    chops({
      cook: { toC: 63, minutes: stages.reduce((sum, s) => sum + s.minutes, 0), restMin: 5, stages, ...cook },
      ...change,
    }),
  );
const of = (dish: ReturnType<typeof dishOf>) => {
  const { steps, ties, firsts, rests } = cookSteps(dish);
  return {
    steps: steps.map(timed),
    ties: ties.map(tied),
    firsts,
    rests,
    all: steps,
    step: (id: string) => stepIn(steps, id),
  };
};

describe("an hour in one oven", () => {
  test("heated before, probed a quarter of an hour before the end, out, rested", () => {
    const { steps, ties, firsts, rests } = of(staged([open()]));
    expect(steps).toEqual([
      "preheat at -20, 20 min, hands 1",
      "stage_1 at 0, 60 min, hands 2",
      "probe at 45, 2 min",
      "oven_out at 60, 2 min",
      "rest at 60, 5/5/35 min, hands 0",
    ]);
    expect(ties).toEqual([
      "preheat end, stage_1 start: 0 to 15",
      "stage_1 end, oven_out start: 0 to 0",
      "oven_out start, rest start: 0 to 0",
      "stage_1 start, probe start: 41 to 49, wants 45",
    ]);
    expect([firsts, rests]).toEqual([["stage_1"], ["rest"]]);
  });

  test("what it holds, and its figures", () => {
    const { step } = of(staged([open()]));
    expect(held(step("stage_1"))).toBe("oven 180 + tray");
    expect(held(step("preheat"))).toBe("oven 180");
    expect(step("preheat")).toMatchObject({
      title: "Heat the oven to 180 °C",
      figures: [{ value: 180, unit: "°C" }],
    });
    expect(step("stage_1").figures.map((f) => [f.value, f.unit])).toEqual([
      [180, "°C"],
      [60, "min"],
    ]);
    expect(step("stage_1").ends).toMatchObject({ by: "core", channel: "probe", endC: 63 });
    expect(step("oven_out").ends).toEqual(step("stage_1").ends);
  });

  test("of a short one the probe is looked at once two thirds are over", () => {
    const { step, ties } = of(staged([open({ minutes: 30 })]));
    expect(step("probe").atMin).toBe(20);
    expect(ties).toContain("stage_1 start, probe start: 16 to 24, wants 20");
    expect(of(staged([open({ minutes: 45 })])).step("probe").atMin).toBe(30);
    expect(of(staged([open({ minutes: 3 })])).ties).toContain("stage_1 start, probe start: 0 to 6, wants 2");
  });
});

describe("two heats", () => {
  const low = open({ ovenC: 120, minutes: 150, cover: "lid", action: "baste", everyMin: 40 });
  const hot = open({ ovenC: 220, minutes: 20 });

  test("one after the other, the first one's basting tied to its start", () => {
    expect(of(staged([low, hot])).ties).toEqual([
      "preheat end, stage_1 start: 0 to 15",
      "stage_1 start, tend_1_1 start: 36 to 44, wants 40",
      "stage_1 start, tend_1_2 start: 76 to 84, wants 80",
      "stage_1 start, tend_1_3 start: 116 to 124, wants 120",
      "stage_1 end, stage_2 start: 0 to 0",
      "stage_2 end, oven_out start: 0 to 0",
      "oven_out start, rest start: 0 to 0",
      "stage_1 start, probe start: 151 to 159, wants 155",
    ]);
  });

  test.each([
    [low, hot, "Oven up to 220 °C, uncovered, 20 min", "A hotter oven for the outside."],
    [hot, low, "Oven down to 120 °C, under a lid, 2 h 30", "A gentler one for the middle."],
    [
      open(),
      open({ cover: "foil", minutes: 30 }),
      "Under foil, 30 min more",
      "A gentler one for the middle.",
    ],
    [
      open({ cover: "foil" }),
      open({ minutes: 30 }),
      "Uncovered, 30 min more",
      "A gentler one for the middle.",
    ],
    [open(), open({ minutes: 30 }), "On as it is, 30 min more", "A gentler one for the middle."],
    [
      open(),
      open({ ovenC: 200, minutes: 30 }),
      "Oven up to 200 °C, 30 min",
      "A hotter oven for the outside.",
    ],
  ])("the second is said by what changes: %#", (first, second, title, why) => {
    expect(of(staged([first, second])).step("stage_2")).toMatchObject({ title, why });
  });

  test.each([
    ["open", "open"],
    ["lid", "under a lid"],
    ["foil", "under foil"],
    ["pouch", "in a sealed pouch"],
  ] as const)("into the oven %s", (cover, said) => {
    expect(of(staged([open({ cover })])).step("stage_1")).toMatchObject({
      title: `Into the oven, 180 °C, ${said}, 60 min`,
      why: "The middle decides, the clock only reminds.",
    });
  });

  test("in its cold dish it goes in so, the first time only", () => {
    const { step } = of(staged([open(), hot], {}, { inColdDish: true }));
    expect(step("stage_1").title).toBe("In its dish into the oven, 180 °C, open, 60 min");
    expect(step("stage_2").title).toBe("Oven up to 220 °C, 20 min");
  });
});

describe("tended", () => {
  const tends = (part: Partial<CookStage>, minutes = 60) =>
    of(staged([open({ minutes, ...part })])).all.filter((s) => s.kind === "tend");

  test("basted every so often, never in the last five minutes", () => {
    expect(tends({ action: "baste", everyMin: 20 }).map((s) => s.atMin)).toEqual([20, 40]);
    expect(tends({ action: "baste", everyMin: 27.5 }).map((s) => s.atMin)).toEqual([27.5, 55]);
    expect(tends({ action: "baste", everyMin: 27.6 }).map((s) => s.atMin)).toEqual([27.6]);
    expect(tends({ action: "baste" })).toEqual([]);
  });

  test("turned half way, or as often as the cook says", () => {
    expect(tends({ action: "turn" }).map((s) => [s.title, s.atMin])).toEqual([["Turn it", 30]]);
    expect(tends({ action: "turn", everyMin: 25 }).map((s) => s.atMin)).toEqual([25, 50]);
  });

  test("tented as the stage begins; seared is looked at, not tended", () => {
    const { ties } = of(staged([open({ minutes: 40 }), open({ minutes: 20, action: "tent" })]));
    expect(ties).toContain("stage_2 start, tend_2_1 start: 0 to 4, wants 0");
    const [tent] = of(staged([open({ minutes: 40 }), open({ minutes: 20, action: "tent" })])).all.filter(
      (s) => s.kind === "tend",
    );
    expect(timed(tent)).toBe("tend_2_1 at 40, 2 min");
    expect(tends({ action: "sear" })).toEqual([]);
    expect(tends({})).toEqual([]);
  });
});

describe("in a pan first", () => {
  const pan = (part: Partial<CookStage> = {}) => open({ ovenC: 220, minutes: 6, on: "pan", ...part });

  test("then at once into the oven; the oven is heated while it sears", () => {
    const { steps, ties, firsts } = of(staged([pan({ perPan: 4 }), open()]));
    expect(steps.slice(0, 3)).toEqual([
      "preheat at -14, 20 min, hands 1",
      "sear_1 at 0, 6 min",
      "stage_1 at 6, 60 min, hands 2",
    ]);
    expect(ties).toContain("sear_1 end, stage_1 start: 0 to 10");
    expect(ties).toContain("stage_1 start, probe start: 41 to 49, wants 45");
    expect(firsts).toEqual(["sear_1"]);
  });

  test("over a flame, then the pan, then the oven", () => {
    const { step, ties } = of(staged([open({ on: "flame", minutes: 0.4 }), pan({ perPan: 2 }), open()]));
    expect(step("sear_1")).toMatchObject({ handsMin: 1, atMin: 0 });
    expect(step("sear_1").title).toMatch(/^Over a flame, .*, turning$/);
    expect(step("sear_2")).toMatchObject({ handsMin: 12, atMin: 1 });
    expect(held(step("sear_1"))).toBe("ring");
    expect(ties.slice(1, 3)).toEqual([
      "sear_1 end, sear_2 start: 0 to 10",
      "sear_2 end, stage_1 start: 0 to 10",
    ]);
  });

  test("a panful is what lies flat in it, three quarters of its floor", () => {
    const four = staged([pan(), open()]);
    const size = (lengthMm: number, widthMm: number) => ({
      ...four,
      sheet: { ...four.sheet, pieceSize: { ...four.sheet.pieceSize, lengthMm, widthMm } },
    });
    const title = (dish: typeof four) => of(dish).step("sear_1").title;
    // A pan of 28 cm is 61 575 mm², three quarters of it 46 181: two pieces of 230 by 100 mm, and one of 232.
    expect(title(size(230, 100))).toBe("Sear in a hot pan: 2 panfuls of 2, 6 min each");
    expect(title(size(232, 100))).toBe("Sear in a hot pan: 4 panfuls of 1, 6 min each");
    expect(title(size(900, 900))).toBe("Sear in a hot pan: 4 panfuls of 1, 6 min each");
    expect(title(size(60, 50))).toBe("Sear in a hot pan: 6 min in all");
    expect(of(size(230, 100)).step("sear_1")).toMatchObject({
      handsMin: 12,
      figures: [
        { what: "panfuls", value: 2 },
        { what: "each", value: 6 },
      ],
    });
  });

  test("skin down where there is skin, unless the cook says otherwise", () => {
    const title = (skin: boolean, skinDown?: boolean) => {
      const stage = pan({ perPan: 4, ...(skinDown !== undefined && { skinDown }) });
      return of(staged([stage, open()], { pieces: { ...chops().pieces, skin } })).step("sear_1").title;
    };
    expect(title(true)).toBe("Sear in a hot pan: skin down first, 6 min in all");
    expect(title(false)).toBe("Sear in a hot pan: 6 min in all");
    expect(title(true, false)).toBe("Sear in a hot pan: 6 min in all");
    expect(title(false, true)).toContain("skin down first");
  });

  test("only in a pan: no oven, no probe, rested as it is", () => {
    const { steps, ties } = of(staged([pan({ perPan: 4 })]));
    expect(steps).toEqual(["sear_1 at 0, 6 min", "rest at 6, 5/5/35 min, hands 0"]);
    expect(ties).toEqual(["sear_1 end, rest start: 0 to 0"]);
  });
});

describe("a joint taken apart", () => {
  const parts = [
    {
      name: "breasts",
      toC: 66,
      thicknessMm: 40,
      share: 0.3,
      restMin: 10,
      stages: [open({ ovenC: 200, minutes: 40 })],
    },
    { name: "legs", toC: 85, thicknessMm: 45, share: 0.34, stages: [open({ ovenC: 160, minutes: 90 })] },
  ];
  const goose = () =>
    dishOf(
      foodIn("goose_whole", "dry", {
        pullH: 24,
        cook: { toC: 80, minutes: 150, restMin: 15, ovenC: 180, apart: true, parts },
      }),
    );

  test("both have rested at the same minute, and the oven is hot for what goes in first, at its own heat", () => {
    const { steps, ties, step, firsts, rests } = of(goose());
    expect(steps).toEqual([
      "preheat at -20, 20 min, hands 1",
      "p1_stage_1 at 55, 40 min, hands 2",
      expect.stringMatching(/^p1_probe at 8/),
      "p1_oven_out at 95, 2 min",
      "p1_rest at 95, 10/10/40 min, hands 0",
      "p2_stage_1 at 0, 90 min, hands 2",
      "p2_probe at 75, 2 min",
      "p2_oven_out at 90, 2 min",
      "p2_rest at 90, 15/15/45 min, hands 0",
    ]);
    expect(ties[0]).toBe("preheat end, p2_stage_1 start: 0 to 15");
    expect(held(step("preheat"))).toBe("oven 160");
    expect(step("p1_stage_1").title).toBe("Breasts: Into the oven, 200 °C, open, 40 min");
    expect(step("p1_stage_1").ends).toMatchObject({ channel: "probe", endC: 66 });
    expect(step("p2_stage_1").ends).toMatchObject({ channel: "probe2", endC: 85 });
    expect(step("p2_rest").part).toBe("legs");
    expect([firsts, rests]).toEqual([
      ["p1_stage_1", "p2_stage_1"],
      ["p1_rest", "p2_rest"],
    ]);
  });

  test("left on the joint, a part is probed five minutes before its own end", () => {
    const whole = dishOf(
      foodIn("goose_whole", "dry", {
        pullH: 24,
        cook: { toC: 80, minutes: 150, restMin: 15, ovenC: 180, parts },
      }),
    );
    const { step, ties, firsts } = of(whole);
    const [, breasts] = whole.exits;
    const at = breasts.minutes - 5;
    expect(step("part_probe2")).toMatchObject({
      title: `Probe the breasts: out at ${breasts.outC} °C`,
      atMin: at,
      part: "breasts",
      look: "Official minimum 73.9 °C.",
      ends: { by: "core", channel: "probe2", outC: breasts.outC, endC: 66 },
      figures: [
        { what: "out at", value: breasts.outC },
        { what: "ends at", value: 66 },
      ],
    });
    expect(ties).toContain(`stage_1 start, part_probe2 start: ${at - 4} to ${at + 4}, wants ${at}`);
    expect(firsts).toEqual(["stage_1"]);
    expect(of({ ...whole, exits: [whole.exits[0], { ...breasts, minutes: 4 }] }).ties).toContain(
      "stage_1 start, part_probe2 start: 0 to 5, wants 1",
    );
  });
});

describe("beside it in the oven", () => {
  const bed = (bakeMin: number, staysMin?: number) => ({
    kind: "bed" as const,
    name: "",
    ...(staysMin !== undefined && { staysMin }),
    lines: [{ ...perKg("carrot", 100), bakeMin }],
  });

  test("vegetables end with it; what takes longer than it goes in first, and the oven is hot for that", () => {
    const short = of(staged([open()], { companions: [bed(20)] }));
    expect(short.steps).toContain("bed_20 at 40, 20 min, hands 2");
    expect(short.ties).toContain("oven_out start, bed_20 end: -3 to 3, wants 0");
    expect(held(short.step("bed_20"))).toBe("oven 180 + tray");
    expect(short.step("bed_20")).toMatchObject({
      title: "Into the oven beside it: 100 g carrot, medium, 20 min",
      why: "Sorted by baking time, so that all is done with the food.",
      figures: [
        { what: "carrot, medium", value: 100 },
        { what: "for", value: 20 },
      ],
    });
    const long = of(staged([open()], { companions: [bed(75)] }));
    expect(long.steps).toContain("bed_75 at -15, 75 min, hands 2");
    expect(long.steps).toContain("preheat at -35, 20 min, hands 1");
    expect(long.ties[0]).toBe("preheat end, bed_75 start: 0 to 15");
  });

  test("of two heats it takes them as they come; it may stay in after the food is out", () => {
    const two = of(staged([open(), open({ ovenC: 220, minutes: 10 })], { companions: [bed(20, 5)] }));
    expect(held(two.step("bed_20"))).toBe("tray");
    expect(two.step("bed_20").atMin).toBe(55);
    expect(two.step("bed_20").why).toBe("It stays in 5 min after the food is out to rest.");
    expect(two.ties).toContain("oven_out start, bed_20 end: 2 to 8, wants 5");
  });

  test("after a pan, its minutes are counted from the oven", () => {
    const pan = open({ minutes: 6, on: "pan", perPan: 4 });
    expect(of(staged([pan, open()], { companions: [bed(20)] })).step("bed_20").atMin).toBe(46);
  });

  test("a glaze goes on in its last minutes, as short as the heat asks", () => {
    const glaze = (lastMin?: number) => ({
      kind: "glaze" as const,
      name: "",
      ...(lastMin !== undefined && { lastMin }),
      lines: [perKg("honey", 20)],
    });
    const given = of(staged([open()], { companions: [glaze(5)] }));
    expect(given.steps).toContain("glaze at 55, 3 min");
    expect(given.ties).toContain("glaze start, oven_out start: 1 to 5, wants 5");
    expect(given.step("glaze")).toMatchObject({
      title: "Brush the glaze on, thin, 5 min before the end",
      figures: [{ what: "honey", value: 20 }],
    });
    const usual = of(staged([open()], { companions: [glaze()] })).step("glaze").atMin;
    expect(of(staged([open()], { companions: [glaze(90)] })).step("glaze").atMin).toBe(usual);
    expect(of(staged([open()], { companions: [glaze(2)] })).ties).toContain(
      "glaze start, oven_out start: 0 to 2, wants 2",
    );
    expect(of(staged([open()])).all.map((s) => s.id)).not.toContain("glaze");
  });
});

describe("several things beside it", () => {
  const bed = { kind: "bed" as const, name: "", lines: [{ ...perKg("carrot", 100), bakeMin: 20 }] };
  const glaze = { kind: "glaze" as const, name: "", lines: [perKg("honey", 20)] };
  const sauce = { kind: "sauce" as const, name: "", lines: [perKg("butter_unsalted", 40)] };

  test("each has its own grams, whichever was entered first", () => {
    for (const companions of [
      [sauce, bed, glaze],
      [glaze, bed, sauce],
    ]) {
      const { step } = of(staged([open()], { companions }));
      expect(step("glaze").figures).toEqual([{ what: "honey", value: 20, unit: "g" }]);
      expect(step("bed_20").figures).toEqual([
        { what: "carrot, medium", value: 100, unit: "g" },
        { what: "for", value: 20, unit: "min" },
      ]);
    }
    const { all } = of(staged([open()], { companions: [sauce] }));
    expect(all.filter((s) => s.kind === "tend")).toEqual([]);
  });

  test("with a pan alone there is no oven to put a bed in", () => {
    const { all } = of(staged([open({ minutes: 6, on: "pan", perPan: 4 })], { companions: [bed] }));
    expect(all.map((s) => s.id)).toEqual(["sear_1", "rest"]);
  });

  test("beside a crust the bed goes by the crust's bake", () => {
    const { step } = of(dishOf(foodIn("grey_mullet_whole", "crust", { pullH: 0.75, companions: [bed] })));
    expect(step("bed_20").atMin).toBe(25);
  });

  test("of each batch only its own vegetables", () => {
    const two = { ...bed, lines: [...bed.lines, { ...perKg("leek", 50), bakeMin: 10 }] };
    const { step } = of(staged([open()], { companions: [two] }));
    expect(step("bed_20").figures).toHaveLength(2);
    expect(step("bed_10").figures[0]).toMatchObject({ value: 50 });
  });
});

test("to be taken apart, but of no parts: it is cooked whole", () => {
  expect(of(staged([open()], {}, { apart: true })).firsts).toEqual(["stage_1"]);
  expect(of(staged([open()], {}, { apart: true, parts: [] })).firsts).toEqual(["stage_1"]);
});

test("seared first, a part left on the joint is probed by the minutes of its oven", () => {
  const legs = { name: "legs", toC: 60, thicknessMm: 20, share: 0.3 };
  const pan = open({ minutes: 6, on: "pan", perPan: 4 });
  const dish = staged([pan, open()], {}, { parts: [legs] });
  const { step, ties } = of(dish);
  const at = dish.exits[1].minutes - 5;
  expect(step("part_probe2").atMin).toBe(6 + at);
  expect(ties).toContain(
    `stage_1 start, part_probe2 start: ${Math.max(0, at - 4)} to ${at + 4}, wants ${at}`,
  );
  const plain = { ...dish, sheet: { ...dish.sheet, food: { ...dish.sheet.food, safeMinC: null } } };
  expect(of(plain).step("part_probe2")).not.toHaveProperty("look");
});

test("of a crust in two heats the second is a stage of its own", () => {
  const mullet = dishOf(foodIn("grey_mullet_whole", "crust", { pullH: 0.75 }));
  const [exit] = mullet.exits;
  const two = { ...exit, stages: [exit.stages[0], open({ ovenC: 120, minutes: 30, cover: "crust" })] };
  expect(of({ ...mullet, exits: [two] }).all.map((s) => s.id)).toEqual([
    "preheat",
    "go_in",
    "stage_2",
    "probe",
    "oven_out",
    "rest",
  ]);
});

test("a crust goes in where others are put to soak, rests ten minutes more at the most, and is tied to its packing alone", () => {
  const { steps, ties, step, firsts } = of(dishOf(foodIn("grey_mullet_whole", "crust", { pullH: 0.75 })));
  expect(steps).toEqual([
    "preheat at -20, 20 min, hands 1",
    "go_in at 0, 45 min, hands 2",
    "probe at 30, 2 min",
    "oven_out at 45, 2 min",
    "rest at 45, 5/5/15 min, hands 0",
  ]);
  expect(ties).toContain("go_in end, oven_out start: 0 to 0");
  expect(step("go_in")).toMatchObject({ kind: "goIn" });
  expect(step("go_in").title).toMatch(/^Into the oven, 200 °C, in its crust, 45 min$/);
  expect(step("rest").title).toBe("Resting in its crust");
  expect(firsts).toEqual(["go_in"]);
});
