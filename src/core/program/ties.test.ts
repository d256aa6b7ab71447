import { chops, foodIn } from "../formula/formulation.fixture";
import type { Cook, Formulation } from "../formulation";
import { tied, dishOf, timed } from "./program.fixture";
import { programOf } from "./program";

const program = (f: Formulation) => {
  const { sheet, exits } = dishOf(f);
  return programOf(f, sheet, { exits });
};
const ties = (f: Formulation) => program(f).ties.map(tied);
const cook: Cook = { toC: 63, minutes: 60, restMin: 5, ovenC: 180 };

test("a brine from its label to the table: what follows on what, and how long it may wait", () => {
  expect(ties(chops({ pullH: 7, cook: { ...cook, temperMin: 40 } }))).toEqual([
    "check_label end, check_dry start: 0 to 60, wants 0, gently",
    "check_dry end, weigh_out start: 0 to 60, wants 0, gently",
    "weigh_out end, dissolve start: 0 to 60, wants 0, gently",
    "dissolve end, chill_brine start: 0 to 60, wants 0, gently",
    "chill_brine end, go_in start: 0 to 60, wants 0, gently",
    "go_in start, soak start: 0 to 0",
    "soak end, lift_out start: 0 to 0",
    "preheat end, stage_1 start: 0 to 15",
    "stage_1 end, oven_out start: 0 to 0",
    "oven_out start, rest start: 0 to 0",
    "stage_1 start, probe start: 41 to 49, wants 45",
    "lift_out end, dry start: 0 to 60, wants 0, gently",
    "dry end, temper start: 0 to 60, wants 0, gently",
    "temper end, stage_1 start: 0 to 60, wants 0, gently",
    "lift_out end, stage_1 start: 0 to 110",
    "rest end, serve start: 0 to 0",
    "serve end, chill_leftovers start: 30 to 110",
  ]);
});

test("its minutes: got ready before nought, out at its hour, served when it has rested", () => {
  const { steps, ...rest } = program(chops({ pullH: 7, cook: { ...cook, temperMin: 40 } }));
  expect(steps.map(timed)).toEqual([
    "check_label at -35, 5 min",
    "check_dry at -30, 5 min",
    "weigh_out at -25, 10 min",
    "dissolve at -15, 10 min",
    "chill_brine at -5, 5 min",
    "go_in at 0, 5 min",
    "soak at 0, 420 min, hands 0",
    "lift_out at 420, 5 min",
    "dry at 425, 5 min",
    "temper at 430, 40 min, hands 2",
    "preheat at 450, 20 min, hands 1",
    "stage_1 at 470, 60 min, hands 2",
    "probe at 515, 2 min",
    "oven_out at 530, 2 min",
    "rest at 530, 5/5/35 min, hands 0",
    "serve at 535, 5 min",
    "chill_leftovers at 650, 5 min",
  ]);
  expect(rest).toMatchObject({ soakH: 7, readyMin: 35, tableMin: 540 });
});

test("what airs in the fridge is not held to two hours out of the cold", () => {
  const skin = chops({ pullH: 7, cook, pieces: { ...chops().pieces, skin: true } });
  expect(ties(skin)).toContain("air_dry end, stage_1 start: 0 to 60, wants 0, gently");
  expect(ties(skin)).not.toContain("lift_out end, stage_1 start: 0 to 110");
});

test("thawing is no part of getting ready", () => {
  const frozen = chops({ cook, pieces: { ...chops().pieces, thaw: "fridge" } });
  expect(program(frozen).readyMin).toBe(program(chops({ cook })).readyMin);
});

test("with no time it is drizzled and goes into the heat within the hour", () => {
  const all = ties(foodIn("tofu_firm", "marinade", { pullH: 0, cook: { ...cook, toC: 70 } }));
  expect(all).toContain("mix end, go_in start: 0 to 60, wants 0, gently");
  expect(all).toContain("go_in end, stage_1 start: 0 to 60, wants 0, gently");
  expect(all).toContain("go_in end, stage_1 start: 0 to 110");
});

test("a crust is packed, baked, and tied to nothing that others are", () => {
  const all = ties(foodIn("grey_mullet_whole", "crust", { pullH: 0.75 }));
  expect(all).toContain("pack end, go_in start: 0 to 60, wants 0, gently");
  expect(all.some((t) => t.startsWith("lift_out") || t.startsWith("soak"))).toBe(false);
  expect(all.filter((t) => t.includes("go_in end"))).toEqual(["go_in end, oven_out start: 0 to 0"]);
});

describe("a joint taken apart", () => {
  const parts = [
    { name: "breasts", toC: 66, thicknessMm: 40, share: 0.3 },
    { name: "legs", toC: 85, thicknessMm: 45, share: 0.34 },
  ];
  const goose = foodIn("goose_whole", "dry", {
    pullH: 24,
    cook: { ...cook, toC: 80, restMin: 15, apart: true, parts },
  });

  test("the part that takes less waits in the cold, and what is done first half an hour at the most", () => {
    const all = ties(goose);
    expect(all).toContain("apart end, p1_stage_1 start: 0 to 240");
    expect(all).toContain("apart end, p2_stage_1 start: 0 to 240");
    expect(all).toContain("p1_rest end, serve start: 0 to 30");
    expect(all).toContain("p2_rest end, serve start: 0 to 30");
    expect(all).toContain("serve end, stock start: 0 to 110");
    expect(all.some((t) => t.startsWith("lift_out end, p"))).toBe(false);
  });

  test("on its own hours every tie holds, the oven's too: hot when the first part goes in", () => {
    const { steps, ties: tiesOf } = program(goose);
    const time = (id: string, end: "start" | "end") => {
      const s = steps.find((x) => x.id === id);
      return s ? s.atMin + (end === "end" ? s.minutes.likely : 0) : NaN;
    };
    for (const t of tiesOf) {
      const gap = time(t.after, t.to) - time(t.before, t.from);
      expect(gap).toBeGreaterThanOrEqual(t.leastMin - 1e-6);
      expect(gap).toBeLessThanOrEqual((t.mostMin ?? Infinity) + 1e-6);
    }
  });
});

test("what is made beside it is ready when it has rested, and may stand an hour and a half", () => {
  const companions = [
    {
      kind: "sauce" as const,
      name: "",
      lines: [
        { ingredientId: "butter_unsalted", amountG: 40, scalesWith: "foodMass" as const, optional: false },
      ],
    },
  ];
  const f = chops({ pullH: 7, cook, companions });
  const { steps } = program(f);
  const at = (id: string) => steps.find((s) => s.id === id)?.atMin ?? NaN;
  expect(at("beside_1")).toBe(at("serve") - 10);
  expect(ties(f)).toContain("beside_1 end, serve start: 0 to 90");
});

test("hours a plan stretched are the soak's hours", () => {
  const f = chops({ pullH: 7, cook });
  const { sheet, exits } = dishOf(f);
  const stretched = programOf(f, sheet, { exits, soakH: 9 });
  expect(stretched.soakH).toBe(9);
  expect(stretched.tableMin - program(f).tableMin).toBe(120);
  expect(programOf(f, sheet).steps).toEqual(program(f).steps);
});
