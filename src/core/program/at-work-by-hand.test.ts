import { atWork, overByNow, urgencyOf, type Progress } from "./at-work";
import type { Exit } from "./exits";
import { byHand, byItself, type Program, type Step, type StepKind } from "./step";

/* Where a batch stands, by small programs written out: nothing is worked out, only the clock. */

const MIN = 60_000;
const START = Date.UTC(2026, 10, 27, 20);
const act = (id: string, kind: StepKind, atMin: number, handsMin = 5, extra: Partial<Step> = {}): Step => ({
  ...byHand(id, kind, handsMin, id, id),
  atMin,
  ...extra,
});
const heat = (id: string, kind: StepKind, atMin: number, channel: string, part?: string): Step =>
  act(id, kind, atMin, 2, {
    ends: { by: "core", channel, outC: 60, endC: 63 },
    ...(part !== undefined && { part }),
  });
const exit = (channel: Exit["channel"], name = "") => ({ channel, name, outC: 60, endC: 63 }) as Exit;
const at = (
  steps: Step[],
  nowMin: number,
  {
    done = {},
    exits = [],
    ...rest
  }: { done?: Record<string, number>; exits?: Exit[] } & Partial<Omit<Progress, "done">> = {},
) =>
  atWork({ steps, ties: [], soakH: 10, readyMin: 20, tableMin: 800 } satisfies Program, exits, {
    startedAtMs: START,
    done: Object.fromEntries(Object.entries(done).map(([id, min]) => [id, START + min * MIN])),
    skipped: [],
    samples: [],
    outMs: {},
    nowMs: START + nowMin * MIN,
    ...rest,
  });
const states = (found: ReturnType<typeof at>) => Object.fromEntries(found.steps.map((s) => [s.id, s.state]));
const due = (found: ReturnType<typeof at>, id: string) =>
  ((found.steps.find((s) => s.id === id)?.dueMs ?? NaN) - START) / MIN;

/** Weighed, put in, turned, taken out, dried, cooked, served. */
const night: Step[] = [
  act("weigh", "weighOut", -10),
  act("in", "goIn", 0),
  { ...byItself("soak", "soak", 600, "soak", "soak"), atMin: 0 },
  act("turn", "turn", 300, 3),
  act("out", "takeOut", 600),
  act("dry", "dry", 605),
  heat("cook", "cook", 610, "probe"),
  act("beside", "beside", 650, 10),
  heat("oven_out", "ovenOut", 670, "probe"),
  act("serve", "serve", 680),
];
const through = (...ids: string[]) =>
  Object.fromEntries(night.filter((s) => ids.includes(s.id)).map((s) => [s.id, s.atMin]));

describe("what is not ticked off", () => {
  test("is set aside a quarter of an hour after its minutes are over, not at it", () => {
    const turn = (nowMin: number) => states(at(night, nowMin, { done: through("weigh", "in") })).turn;
    expect([turn(318), turn(318.1)]).toEqual(["open", "setAside"]);
  });

  test("is set aside when a later act was done, and its own tick is none of it", () => {
    const soon = [act("a", "clean", 3), act("b", "clean", 5), act("c", "clean", 10)];
    const seen = (done: Record<string, number>) => states(at(soon, 12, { done: { in: 0, ...done } }));
    expect(seen({ b: 11 })).toEqual({ a: "setAside", b: "done", c: "open" });
    expect(seen({ a: 1 })).toEqual({ a: "done", b: "open", c: "open" });
    expect(seen({})).toEqual({ a: "open", b: "open", c: "open" });
  });

  test("is not passed over by what was done at the instant it falls due, a millisecond later it is", () => {
    // Done within one tick of a clock, two acts have one time; what the first brings with it is due at that time too.
    const soon = [act("a", "clean", 3), act("b", "clean", 5)];
    const seen = (doneMin: number) => states(at(soon, 3.5, { done: { in: 0, b: doneMin } })).a;
    expect([seen(3 - 1 / 60_000), seen(3), seen(3 + 1 / 60_000)]).toEqual(["open", "open", "setAside"]);
  });

  test("waits where it follows what nobody may pass over", () => {
    const row = [act("in", "goIn", 0), act("a", "clean", 5), act("b", "clean", 10)];
    expect(states(at(row, 300))).toEqual({ in: "open", a: "open", b: "open" });
    expect(states(at(row, 300, { done: { in: 0 } }))).toEqual({ in: "done", a: "setAside", b: "setAside" });
    expect(states(at([row[1], row[0], row[2]], 300)).b).toBe("open");
    const before = [act("a", "clean", -5), act("in", "goIn", 0), act("b", "clean", 10)];
    expect(states(at(before, 300))).toEqual({ a: "setAside", in: "open", b: "open" });
    expect(states(at(before, 300, { skipped: ["in"] }))).toEqual({
      a: "setAside",
      in: "notDone",
      b: "setAside",
    });
  });

  test("turns and ice are over once it is out of its soak, or in the heat", () => {
    const iced = [...night, act("ice", "ice", 400, 3)];
    const early = (done: Record<string, number>) =>
      states(at(iced, 250, { done: { weigh: -10, in: 0, ...done } }));
    expect(early({ out: 240 })).toMatchObject({ turn: "setAside", ice: "setAside", dry: "open" });
    expect(early({ cook: 240 })).toMatchObject({ turn: "setAside", ice: "setAside" });
    expect(early({})).toMatchObject({ turn: "open", ice: "open" });
  });

  test("that it went in is asked once it is out, and holds up nothing; before, nobody may pass it over", () => {
    const seen = (done: Record<string, number>) => states(at(night, 606, { done: { weigh: -10, ...done } }));
    expect(seen({ out: 600 })).toMatchObject({ in: "setAside", dry: "open" });
    expect(seen({})).toMatchObject({ in: "open", out: "open" });
    const baked = [act("in", "goIn", 0), act("oven_out", "ovenOut", 60), act("rest", "clean", 61)];
    const open = (done: Record<string, number>) => states(at(baked, 100, { done }));
    expect(open({ oven_out: 60 })).toEqual({ in: "setAside", oven_out: "done", rest: "setAside" });
    expect(open({})).toEqual({ in: "open", oven_out: "open", rest: "open" });
  });
});

describe("a batch that has just been started", () => {
  test("is being got ready for an hour: nothing up to nought is late, what comes after is", () => {
    const steps = [act("weigh", "weighOut", -30), act("dry", "dry", 0), act("later", "dry", 1)];
    const seen = (nowMin: number, done = {}) => states(at(steps, nowMin, { done }));
    expect(seen(59.9)).toEqual({ weigh: "open", dry: "open", later: "setAside" });
    expect(seen(60)).toEqual({ weigh: "setAside", dry: "setAside", later: "setAside" });
  });

  test("not any more once the food is in", () => {
    const steps = [act("weigh", "weighOut", -30), act("in", "goIn", 0), act("b", "clean", 90)];
    expect(states(at(steps, 10, { done: { in: 5 } })).weigh).toBe("setAside");
    expect(states(at(steps, 10)).weigh).toBe("open");
    // Another act done is not the food going in.
    const two = [act("look", "inspect", -35), ...steps];
    expect(states(at(two, 10, { done: { look: 5 } })).weigh).toBe("open");
    expect(states(at(two, 10, { done: { weigh: 5 } })).look).toBe("open");
  });
});

describe("the clock of what follows", () => {
  test("goes with the last act that begins one: taken out an hour late, all after it is", () => {
    const late = at(night, 660, { done: { ...through("weigh", "in"), out: 660 } });
    expect([
      due(late, "turn"),
      due(late, "out"),
      due(late, "dry"),
      due(late, "cook"),
      due(late, "serve"),
    ]).toEqual([300, 600, 665, 670, 740]);
    const both = at(night, 660, { done: { ...through("weigh"), in: 30, out: 660 } });
    expect([due(both, "turn"), due(both, "dry")]).toEqual([330, 665]);
  });

  test("taken out early, what follows it is in hand, not passed over; ticked late, nothing between is", () => {
    const early = at(night, 250, { done: { ...through("weigh", "in"), out: 240 } });
    expect(early.steps.map((s) => s.id).slice(2, 5)).toEqual(["soak", "out", "dry"]);
    expect(early.current?.id).toBe("dry");
    const row = [act("a", "clean", 100), act("b", "clean", 110), act("c", "clean", 120)];
    expect(states(at(row, 122, { done: { a: 121 } }))).toEqual({ a: "done", b: "open", c: "open" });
  });

  test("an act that begins none moves nothing", () => {
    const dried = at(night, 660, { done: { ...through("weigh", "in", "out"), dry: 640 } });
    expect(due(dried, "cook")).toBe(610);
  });

  test("of two at the same minute the later one counts, for what stands there too", () => {
    const twins = [
      act("in", "goIn", 0),
      act("warm", "temper", 60),
      act("into", "cook", 60),
      act("c", "clean", 60),
    ];
    expect(due(at(twins, 90, { done: { in: 0, warm: 80, into: 95 } }), "c")).toBe(95);
    expect(due(at(twins, 90, { done: { in: 0, warm: 80 } }), "into")).toBe(80);
  });

  test("a part goes by its own anchors and the whole's, not by another part's", () => {
    const parts = [
      act("in", "goIn", 0),
      heat("p1_cook", "cook", 100, "probe", "breasts"),
      heat("p2_cook", "cook", 90, "probe2", "legs"),
      act("p1_tend", "tend", 120, 2, { part: "breasts" }),
      act("p2_tend", "tend", 120, 2, { part: "legs" }),
      act("all", "clean", 130, 2),
    ];
    const found = at(parts, 140, { done: { in: 0, p2_cook: 110 } });
    expect([due(found, "p1_tend"), due(found, "p2_tend"), due(found, "all")]).toEqual([120, 140, 150]);
    const both = at(parts, 140, { done: { in: 10, p1_cook: 100 } });
    expect([due(both, "p1_tend"), due(both, "p2_tend")]).toEqual([120, 130]);
  });

  test("in the order of their hours; of the same hour as the program has them", () => {
    const plannedMs = { a: START + 50 * MIN, b: START + 20 * MIN, c: START + 50 * MIN };
    const mixed = [act("a", "clean", 10), act("b", "clean", 20), act("c", "clean", 5)];
    expect(at(mixed, 0, { plannedMs }).steps.map((s) => s.id)).toEqual(["b", "c", "a"]);
    expect(at(mixed, 0).steps.map((s) => s.id)).toEqual(["c", "a", "b"]);
  });
});

describe("foretold by its probe", () => {
  const done = through("weigh", "in", "out", "dry", "cook");
  const exits = [exit("probe")];
  const foretold = (outMin: number, more: Partial<Progress> = {}) =>
    at(night, 640, { done, exits, outMs: { probe: START + outMin * MIN }, ...more } as never);

  test("what comes out of the oven and after it moves, what comes before does not", () => {
    const late = foretold(700);
    expect([due(late, "cook"), due(late, "oven_out"), due(late, "serve")]).toEqual([610, 700, 710]);
    // A thing made beside it is ready with it.
    expect(due(late, "beside")).toBe(680);
    expect(late.steps.filter((s) => s.foretold).map((s) => s.id)).toEqual(["beside", "oven_out", "serve"]);
  });

  test("nothing moves once it is out, or while nothing is foretold", () => {
    const gone = at(night, 700, {
      done: { ...done, oven_out: 690 },
      exits,
      outMs: { probe: START + 900 * MIN },
    });
    expect(due(gone, "serve")).toBe(700);
    expect(gone.steps.some((s) => s.foretold)).toBe(false);
    expect(due(at(night, 640, { done, exits }), "serve")).toBe(680);
  });

  test("by parts: each its own, and the table waits for the last", () => {
    const parts = [
      heat("p1_cook", "cook", 100, "probe", "breasts"),
      heat("p2_cook", "cook", 100, "probe2", "legs"),
      heat("p1_out", "ovenOut", 140, "probe", "breasts"),
      heat("p2_out", "ovenOut", 160, "probe2", "legs"),
      { ...byItself("p1_rest", "rest", 10, "", ""), atMin: 140, part: "breasts" },
      act("serve", "serve", 175),
    ];
    const found = at(parts, 120, {
      done: { p1_cook: 100, p2_cook: 100 },
      outMs: { probe: START + 145 * MIN, probe2: START + 190 * MIN },
    });
    expect([due(found, "p1_out"), due(found, "p1_rest"), due(found, "p2_out"), due(found, "serve")]).toEqual([
      145, 145, 190, 205,
    ]);
    const one = at(parts, 120, { done: { p1_cook: 100, p2_cook: 100 }, outMs: { probe: START + 145 * MIN } });
    expect([due(one, "p2_out"), due(one, "serve")]).toEqual([160, 180]);
  });
});

describe("food in the heat", () => {
  const done = through("weigh", "in", "out", "dry", "cook");
  const exits = [exit("probe")];
  const read = (values: [number, number][], channel = "probe") =>
    values.map(([min, value]) => ({ channel, atMs: START + min * MIN, value }));

  test("from the cook's tick to the tick that takes it out, or to being said not done", () => {
    const inHeat = (ticks: Record<string, number>, skipped: string[] = []) =>
      at(night, 640, { done: ticks, exits, skipped }).inHeat.map((h) => [
        (h.sinceMs - START) / MIN,
        h.out.id,
      ]);
    expect(inHeat(through("weigh", "in", "out", "dry"))).toEqual([]);
    expect(inHeat({ ...done, cook: 612 })).toEqual([[612, "oven_out"]]);
    expect(inHeat({ ...done, oven_out: 640 })).toEqual([]);
    expect(inHeat(done, ["oven_out"])).toEqual([]);
  });

  test("what is in hand is what comes first: an act that is due before it comes out, else the taking out", () => {
    expect(at(night, 640, { done, exits }).current?.id).toBe("beside");
    expect(at(night, 640, { done: { ...done, beside: 650 }, exits }).current?.id).toBe("oven_out");
    const sooner = { probe: START + 630 * MIN };
    expect(at(night, 620, { done, exits, outMs: sooner }).current?.id).toBe("beside");
    const late = night.map((s) => (s.id === "beside" ? { ...s, atMin: 675, kind: "clean" as const } : s));
    expect(at(late, 640, { done, exits }).current?.id).toBe("oven_out");
    const even = night.map((s) => (s.id === "beside" ? { ...s, atMin: 670, kind: "clean" as const } : s));
    const before = [...even.slice(0, 8), act("first", "clean", 670, 3), ...even.slice(8)];
    expect(at(before, 640, { done, exits }).current?.id).toBe("beside");
  });

  test("of two in the heat the first to come out", () => {
    const two = [
      heat("p1_cook", "cook", 100, "probe", "breasts"),
      heat("p2_cook", "cook", 100, "probe2", "legs"),
      heat("p1_out", "ovenOut", 160, "probe", "breasts"),
      heat("p2_out", "ovenOut", 140, "probe2", "legs"),
      act("wipe", "clean", 200),
    ];
    const all = { p1_cook: 100, p2_cook: 100 };
    const found = at(two, 120, { done: all, exits: [exit("probe"), exit("probe2")] });
    expect(found.inHeat.map((h) => h.out.id)).toEqual(["p1_out", "p2_out"]);
    expect(found.current?.id).toBe("p2_out");
    const wiped = two.map((s) => (s.id === "p2_out" ? { ...s, kind: "ovenOut" as const, atMin: 160 } : s));
    expect(at(wiped, 120, { done: all, exits: [exit("probe"), exit("probe2")] }).current?.id).toBe("p1_out");
  });

  test("a part that stays on its joint went in with the whole, and comes out by its own probe", () => {
    const joint = [
      heat("cook", "cook", 100, "probe"),
      heat("part_probe2", "probe", 130, "probe2", "breasts"),
      heat("oven_out", "ovenOut", 160, "probe"),
    ];
    const found = at(joint, 120, { done: { cook: 101 }, exits: [exit("probe"), exit("probe2", "breasts")] });
    expect(found.inHeat.map((h) => [(h.sinceMs - START) / MIN, h.out.id])).toEqual([
      [101, "oven_out"],
      [101, "part_probe2"],
    ]);
    expect(at(joint, 120, { exits: [exit("probe2", "breasts")] }).inHeat).toEqual([]);
    const crust = [heat("go_in", "goIn", 0, "probe"), ...joint.slice(1)];
    expect(at(crust, 20, { done: { go_in: 1 }, exits: [exit("probe2", "breasts")] }).inHeat).toHaveLength(1);
    // Another act that was done is not its going in.
    const seared = [act("sear", "sear", 95), ...joint];
    expect(at(seared, 120, { done: { sear: 96 }, exits: [exit("probe2", "breasts")] }).inHeat).toEqual([]);
  });

  test("readings count from when it went in, or from when its probe was set right", () => {
    const samples = read([
      [600, 70],
      [620, 61],
    ]);
    const core = (more: Partial<Progress>) =>
      at(night, 640, { done, exits, samples, ...more } as never).inHeat[0].core;
    expect(core({})).toMatchObject({ kind: "takeOut", sinceMs: START + 620 * MIN });
    expect(core({ probeSetMs: { probe: START + 625 * MIN } }).kind).toBe("unread");
    expect(core({ probeSetMs: { probe: START + 500 * MIN } }).kind).toBe("takeOut");
  });
});

describe("how far it is", () => {
  test.each([
    ["gettingReady", []],
    ["soaking", ["in"]],
    ["outOfTheCold", ["in", "out"]],
    ["resting", ["in", "out", "cook", "oven_out"]],
    ["served", ["in", "out", "cook", "oven_out", "serve"]],
  ] as const)("%s", (phase, ids) => {
    expect(at(night, 640, { done: through(...ids), exits: [exit("probe")] }).phase).toBe(phase);
  });

  test("out of the fridge it is out of the cold; in the heat it is in the heat whatever else was ticked", () => {
    const warm = [act("in", "goIn", 0), act("warm", "temper", 60)];
    expect(at(warm, 70, { done: { in: 0, warm: 60 } }).phase).toBe("outOfTheCold");
    const ahead = through("in", "out", "cook", "serve");
    expect(at(night, 640, { done: ahead, exits: [exit("probe")] }).phase).toBe("inHeat");
  });
});

describe("how much a dish wants a hand", () => {
  const done = through("weigh", "in", "out", "dry", "cook", "beside");
  const exits = [exit("probe")];
  const urgency = (nowMin: number, samples: Progress["samples"] = [], ticks = done) =>
    urgencyOf(at(night, nowMin, { done: ticks, exits, samples }), START + nowMin * MIN);
  const read = (...values: [number, number][]) =>
    values.map(([min, value]) => ({ channel: "probe", atMs: START + min * MIN, value }));

  test("at its exit most of all, then a probe that is silent or slipped", () => {
    expect(urgency(640, read([639, 60]))).toBe(0);
    expect(urgency(640, read([636, 55], [638, 50]))).toBe(1);
    expect(urgency(640, read([635, 50], [635.5, 50], [636, 50]))).toBe(1);
    const second = [
      ...night,
      heat("cook2", "cook", 610, "probe2", "legs"),
      heat("out2", "ovenOut", 900, "probe2", "legs"),
    ];
    const two = (samples: Progress["samples"]) =>
      urgencyOf(
        at(second, 640, { done: { ...done, cook2: 610 }, exits: [exit("probe"), exit("probe2")], samples }),
        START + 640 * MIN,
      );
    expect(two(read([639, 60]))).toBe(0);
    expect(two(read([636, 55], [638, 50]))).toBe(1);
  });

  test("then what is due: first what nobody may pass over, then anything else", () => {
    expect(urgency(670, read([669, 40]))).toBe(2);
    expect(urgency(669.9, read([669, 40]))).toBe(4);
    expect(urgency(300, [], through("weigh", "in"))).toBe(3);
    expect(urgency(299.9, [], through("weigh", "in"))).toBe(5);
    expect(urgency(600, [], through("weigh", "in", "turn"))).toBe(2);
  });

  test("nothing left to do is no hurry", () => {
    const all = Object.fromEntries(night.map((s) => [s.id, s.atMin]));
    expect(urgency(700, [], all)).toBe(5);
  });
});

describe("hands full", () => {
  const over = (steps: Step[], nowMin: number, done: Record<string, number> = {}) =>
    overByNow(at(steps, nowMin, { done }), START + nowMin * MIN).map((s) => s.id);

  test("an act passes when its minutes are over, not before", () => {
    const row = [act("a", "clean", 10, 5), act("b", "dry", 15, 5), act("c", "serve", 20, 5)];
    expect([over(row, 14.9), over(row, 15), over(row, 20), over(row, 24)]).toEqual([
      [],
      ["a"],
      ["a", "b"],
      ["a", "b"],
    ]);
  });

  test("nothing passes what nobody may pass over", () => {
    const row = [act("a", "clean", 10, 5), act("in", "goIn", 15, 5), act("b", "dry", 20, 5)];
    expect(over(row, 30)).toEqual(["a"]);
    expect(over(row, 24)).toEqual(["a"]);
    expect(over([row[1], row[2]], 26)).toEqual([]);
    expect(over([row[1], row[2]], 26, { in: 15 })).toEqual(["b"]);
  });
});
