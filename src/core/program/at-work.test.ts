import { chops, worked } from "../formula/formulation.fixture";
import { preparationOffered } from "../formula/offer/defaults";
import { atWork, overByNow, urgencyOf, type Progress } from "./at-work";
import { coreState } from "./core-watch";
import { exitsOf } from "./exits";
import { programOf } from "./program";

const MIN = 60_000;
const HOUR = 60 * MIN;
const START = Date.UTC(2026, 10, 27, 20);
const f = chops({
  pullH: 20,
  preparation: preparationOffered("timed", 0.014),
  rinse: { minutes: 15 },
  cook: { toC: 63, minutes: 60, restMin: 5, ovenC: 180 },
});
const sheet = worked(f);
const exits = exitsOf(f, sheet);
const program = programOf(f, sheet, { exits });
const offset = (id: string) => program.steps.find((s) => s.id === id)?.atMin ?? NaN;

const now = (done: Record<string, number>, hours: number, part: Partial<Progress> = {}) =>
  atWork(program, exits, {
    startedAtMs: done.go_in ?? START,
    done,
    skipped: [],
    samples: [],
    outMs: {},
    nowMs: START + hours * HOUR,
    ...part,
  });
const step = (at: ReturnType<typeof now>, id: string) => at.steps.find((s) => s.id === id);
const probe = (minutes: readonly (readonly [number, number])[], inMs: number) =>
  minutes.map(([m, value]) => ({ channel: "probe", atMs: inMs + m * MIN, value }));

/** Everything up to the oven, ticked at its own hour. */
const before = (id: string) =>
  Object.fromEntries(
    program.steps
      .filter((s) => s.handsMin > 0 && s.atMin < offset(id))
      .map((s) => [s.id, START + s.atMin * MIN]),
  );
const inOven = { ...before("stage_1"), stage_1: START + offset("stage_1") * MIN };
const ovenH = offset("stage_1") / 60;

describe("getting ready and standing", () => {
  test("just started: nothing of the getting ready is late, and the first of it is shown", () => {
    const at = now({}, 0.2);
    expect(at.setAside).toEqual([]);
    expect(at.current?.id).toBe(program.steps[0].id);
    expect(at.phase).toBe("gettingReady");
  });

  test("a turn nobody made is set aside a quarter of an hour late; its chill was never passed over", () => {
    const gone = before("turn_8");
    expect(now(gone, 8.1).current?.id).toBe("turn_8");
    const late = now(gone, 8.5);
    expect(late.setAside.map((s) => s.id)).toEqual(["turn_8"]);
    expect(late.current?.id).toBe("turn_16");
    const unchilled = Object.fromEntries(Object.entries(gone).filter(([id]) => id !== "chill_brine"));
    expect(now(unchilled, 8.5).current?.id).toBe("chill_brine");
  });

  test("taken out early: everything after comes along, and nobody is asked to turn it any more", () => {
    const planned = step(now({ go_in: START }, 14), "stage_1")?.dueMs ?? NaN;
    const at = now({ ...before("turn_16"), lift_out: START + 14 * HOUR }, 14);
    expect(step(at, "stage_1")?.dueMs).toBe(planned - 6 * HOUR);
    expect(step(at, "turn_16")?.state).toBe("setAside");
  });

  test("said to be not done it is behind, and not done", () => {
    const at = now(before("turn_8"), 8.5, { skipped: ["turn_8"] });
    expect(step(at, "turn_8")?.state).toBe("notDone");
    expect(at.setAside).toEqual([]);
  });
});

describe("ticking a later act passes over nothing that matters", () => {
  test.each(["chill_brine", "finish", "probe", "oven_out"])("%s stays to be done", (id) => {
    const all = Object.fromEntries(
      program.steps.filter((s) => s.handsMin > 0 && s.id !== id).map((s) => [s.id, START + s.atMin * MIN]),
    );
    const at = now(all, 30);
    expect(at.current?.id).toBe(id);
    expect(step(at, id)?.state).toBe("open");
  });

  test("three taps ahead with the joint in the oven: it is still in the oven, and nothing says all done", () => {
    const at = now({ ...inOven, serve: START + 22 * HOUR, chill_leftovers: START + 22 * HOUR }, ovenH + 1.2);
    expect(at.phase).toBe("inHeat");
    expect(at.inHeat).toHaveLength(1);
    expect(["probe", "oven_out"]).toContain(at.current?.id);
  });
});

describe("food in the heat owns its dish", () => {
  const inMs = inOven.stage_1;
  const out = exits[0].outC;

  test("at its exit: take it out now, how far over, until a hand says that it is out", () => {
    const samples = probe(
      [
        [10, 20],
        [40, out - 1],
        [50, out + 0.4],
        [55, out + 1.5],
      ],
      inMs,
    );
    const at = now(inOven, ovenH + 0.95, { samples });
    expect(at.inHeat[0].core).toMatchObject({ kind: "takeOut", coreC: out + 1.5, sinceMs: inMs + 50 * MIN });
    expect(urgencyOf(at, inMs + 57 * MIN)).toBe(0);
    const still = now({ ...inOven, probe: inMs + 56 * MIN }, ovenH + 3, { samples });
    expect(still.inHeat[0].core.kind).toBe("takeOut");
    const gone = now({ ...inOven, probe: inMs, oven_out: inMs + 58 * MIN }, ovenH + 1, { samples });
    expect(gone.inHeat).toEqual([]);
    expect(gone.phase).toBe("resting");
  });

  test.each([
    ["just under its exit", -0.1, "rising"],
    ["at its exit", 0, "takeOut"],
    ["over it", 0.1, "takeOut"],
  ])("%s", (_, over, kind) => {
    const at = coreState(
      exits[0],
      probe(
        [
          [30, 40],
          [40, out + over],
        ],
        inMs,
      ),
      inMs,
      inMs + 41 * MIN,
    );
    expect(at.kind).toBe(kind);
  });

  test("a probe that falls silent near the end is said to be; far from it, it is not", () => {
    const steady = (c: number) =>
      probe(
        [
          [29, c - 2],
          [29.5, c - 1],
          [30, c],
        ] as const,
        inMs,
      );
    const [near, far] = [steady(out - 11), steady(out - 13)];
    const byHand = probe(
      [
        [10, 20],
        [18, 31],
        [30, out - 11],
      ] as const,
      inMs,
    );
    expect(coreState(exits[0], byHand, inMs, inMs + 50 * MIN).kind).toBe("rising");
    expect(coreState(exits[0], near, inMs, inMs + 32.9 * MIN).kind).toBe("rising");
    expect(coreState(exits[0], near, inMs, inMs + 33 * MIN)).toMatchObject({
      kind: "silent",
      forMs: 3 * MIN,
    });
    expect(coreState(exits[0], far, inMs, inMs + 50 * MIN).kind).toBe("rising");
  });

  test("a fall of four degrees is a probe that slipped, until it is set right", () => {
    const samples = probe(
      [
        [30, 50],
        [31, 51],
        [32, 47],
      ],
      inMs,
    );
    expect(coreState(exits[0], samples, inMs, inMs + 32 * MIN)).toMatchObject({ kind: "slipped", byC: 4 });
    expect(
      coreState(
        exits[0],
        probe(
          [
            [31, 51],
            [32, 47.1],
          ],
          inMs,
        ),
        inMs,
        inMs + 32 * MIN,
      ).kind,
    ).toBe("rising");
    expect(coreState(exits[0], samples, inMs + 33 * MIN, inMs + 34 * MIN).kind).toBe("unread");
  });

  test("what comes after the oven moves with the forecast, and says so", () => {
    const plain = now(inOven, ovenH + 0.5);
    const late = now(inOven, ovenH + 0.5, { outMs: { probe: inMs + 75 * MIN } });
    expect(step(plain, "oven_out")?.dueMs).toBe(inMs + 60 * MIN);
    expect(step(late, "oven_out")?.dueMs).toBe(inMs + 75 * MIN);
    expect((step(late, "serve")?.dueMs ?? 0) - (step(plain, "serve")?.dueMs ?? 0)).toBe(15 * MIN);
    expect(step(late, "serve")?.foretold).toBe(true);
    expect(step(plain, "serve")?.foretold).toBe(false);
  });
});

test("by a sitting's plan, where there is one", () => {
  const at = now({}, 0, { plannedMs: { weigh_out: START - 3 * HOUR } });
  expect(step(at, "weigh_out")?.dueMs).toBe(START - 3 * HOUR);
});

test("foretold early it rests the longer: it is not served before the table; foretold late it is", () => {
  const table = START + (offset("serve") + 10) * MIN;
  const serve = (outMin: number) =>
    step(
      now(inOven, ovenH + 0.5, {
        outMs: { probe: START + (offset("oven_out") + outMin) * MIN },
        plannedMs: { serve: table },
      }),
      "serve",
    )?.dueMs;
  expect(serve(-20)).toBe(table);
  expect(serve(30)).toBe(table + 20 * MIN);
});

test("an oven that the plan has hot already is not heated again; without a plan it is, and what was done stays", () => {
  expect(step(now({}, 0), "preheat")).toBeDefined();
  expect(step(now({}, 0, { plannedMs: { stage_1: START } }), "preheat")).toBeUndefined();
  expect(step(now({}, 0, { plannedMs: { preheat: START } }), "preheat")?.dueMs).toBe(START);
  expect(step(now({ preheat: START }, 0, { plannedMs: { stage_1: START } }), "preheat")?.state).toBe("done");
});

describe("hands full: the clock moves on", () => {
  const over = (done: Record<string, number>, hours: number) =>
    overByNow(now(done, hours), START + hours * HOUR).map((s) => s.id);

  test("a turn whose minutes are over passes; what is measured, judged, put in, probed or taken out waits for a tap", () => {
    expect(over(before("turn_8"), 8.2)).toEqual(["turn_8"]);
    expect(over({}, 8.2)).not.toContain("weigh_out");
    expect(over(before("lift_out"), 30)).toEqual([]);
    expect(over(inOven, 40)).toEqual([]);
    expect(over({ ...inOven, probe: START, oven_out: START }, 40)).toEqual([]);
  });
});
