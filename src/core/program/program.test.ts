import fc from "fast-check";
import { endG } from "../formula/account/dish-ledger";
import { outcomeAt } from "../formula/account/outcome";
import { cookMinutes, cookOffered, presetStages, stagesOf } from "../formula/cook/cook";
import { formulate } from "../formula/formulate";
import { chops, foodIn, worked } from "../formula/formulation.fixture";
import { formulations } from "../formula/formulations.fixture";
import { piecesOffered, preparationOffered } from "../formula/offer/defaults";
import type { Cook, Formulation } from "../formulation";
import { findFood } from "../materials/lookup";
import { PREPARATION_CHOICES, type PreparationChoice } from "../preparations";
import { exitsOf } from "./exits";
import { programOf } from "./program";
import { stepIn } from "./program.fixture";
import { actsIn } from "./step";
import type { Program, Step } from "./step";

const of = (foodId: string, choice: PreparationChoice, change: Partial<Formulation> = {}, count = 2) =>
  foodIn(foodId, choice, change, count);
const program = (f: Formulation, soakH?: number): Program =>
  programOf(f, worked(f), soakH === undefined ? {} : { soakH });
const ids = (f: Formulation) => program(f).steps.map((s) => s.id);
const step = (f: Formulation | Program, id: string): Step =>
  stepIn(("steps" in f ? f : program(f)).steps, id);
const at = (f: Formulation | Program, id: string) => step(f, id).atMin;

/** Lamb leg of 2.4 kg: 120 °C covered 150 min, basted every 40, then 220 °C open 20 min; rest 25, carve 10. */
const twoStages: Cook = {
  toC: 60,
  minutes: 170,
  restMin: 25,
  carveMin: 10,
  stages: [
    { ovenC: 120, minutes: 150, cover: "lid", action: "baste", everyMin: 40 },
    { ovenC: 220, minutes: 20, cover: "open" },
  ],
};
const leg = of("lamb_leg_bonein", "dry", { pullH: 20, cook: twoStages }, 1);

describe("a dish unrolls into its program", () => {
  test("an equilibrium brine: dissolve, chill, submerge, turn, take out, dry; no rinse", () => {
    const f = chops({ pullH: 20 });
    expect(ids(f)).toEqual(
      expect.arrayContaining([
        "weigh_out",
        "dissolve",
        "chill_brine",
        "go_in",
        "soak",
        "turn_8",
        "turn_16",
        "lift_out",
        "dry",
      ]),
    );
    expect(ids(f)).not.toContain("finish");
    expect(at(f, "lift_out")).toBe(20 * 60);
  });

  test("figures are filled in: hot and ice make the water, the brine its litres", () => {
    const f = chops({ pullH: 20 });
    const sheet = worked(f);
    const hot = step(f, "dissolve").figures[0].value;
    const ice = step(f, "chill_brine").figures[0].value;
    expect(hot + ice).toBeCloseTo(sheet.waterG, 6);
    expect(step(f, "go_in").title).toBe("Submerge it in 1 L brine");
    const weighed = step(f, "weigh_out").figures.reduce((sum, x) => sum + x.value, 0);
    expect(weighed).toBeCloseTo(
      sheet.lines.reduce((sum, l) => sum + l.massG, 0),
      9,
    );
  });

  test("a dry brine is neither dissolved nor turned", () => {
    const dry = ids(chops({ preparation: preparationOffered("dry", 0.012) }));
    expect(dry).not.toContain("dissolve");
    expect(dry.some((id) => id.startsWith("turn_"))).toBe(false);
  });

  test("a crust goes into the oven once it is packed, and is opened after its rest", () => {
    const f = of("grey_mullet_whole", "crust", { pullH: 0.75 }, 1);
    expect(ids(f)).toEqual(
      expect.arrayContaining(["mix", "pack", "go_in", "probe", "oven_out", "rest", "serve"]),
    );
    expect(ids(f)).not.toContain("lift_out");
    expect(ids(f)).not.toContain("stage_1");
    expect(at(f, "oven_out")).toBe(45);
    expect(at(f, "preheat")).toBe(-20);
    expect(step(f, "pack").title).toContain("a bed of 8 mm, the food, 12 mm over it");
    expect(step(f, "serve").title).toContain("Crack round the side");
  });

  test("damp or egg white by the school, whites counted", () => {
    const water = of("grey_mullet_whole", "crust", {}, 1);
    expect(step(water, "mix").title).toMatch(/^Damp [\d ]+ g salt with [\d ]+ g water, then/);
    const white = { ...water, preparation: { ...water.preparation, school: "eggWhite" } } as Formulation;
    const whites = worked(white).crust?.eggWhites;
    expect(step(white, "mix").title).toContain(`Beat ${whites} egg whites`);
  });

  test("worked example: covered low, then hot and open, basted every forty minutes", () => {
    const p = program(leg);
    const start = at(p, "stage_1");
    expect(["tend_1_1", "tend_1_2", "tend_1_3"].map((id) => at(p, id) - start)).toEqual([40, 80, 120]);
    expect(at(p, "stage_2") - start).toBe(150);
    expect(at(p, "oven_out") - start).toBe(170);
    expect(at(p, "serve") - at(p, "oven_out")).toBe(25);
    expect(p.tableMin - at(p, "serve")).toBe(10);
    expect(start - at(p, "preheat")).toBe(20);
    expect(step(p, "stage_2").title).toBe("Oven up to 220 °C, uncovered, 20 min");
    expect(p.steps.filter((s) => s.kind === "preheat")).toHaveLength(1);
  });

  test("a stage too short for its baste has none; turned at half time where chosen", () => {
    const stage = (part: object) =>
      chops({
        cook: {
          toC: 63,
          minutes: 30,
          restMin: 5,
          stages: [{ ovenC: 180, minutes: 30, cover: "open", ...part }],
        },
      });
    expect(ids(stage({ action: "baste", everyMin: 28 })).filter((id) => id.startsWith("tend"))).toEqual([]);
    expect(ids(stage({ action: "baste", everyMin: 25 })).filter((id) => id.startsWith("tend"))).toEqual([
      "tend_1_1",
    ]);
    const turned = stage({ action: "turn" });
    expect(at(turned, "tend_1_1") - at(turned, "stage_1")).toBe(15);
  });

  test("worked example (common practice, no source): two trays of 7 and 20 min beside a fish, out with it or staying in", () => {
    const bed = (staysMin?: number) => ({
      ...of("grey_mullet_whole", "dry", {}, 1),
      cook: { toC: 63, minutes: 25, restMin: 5 },
      companions: [
        {
          kind: "bed" as const,
          name: "",
          ...(staysMin !== undefined && { staysMin }),
          lines: [
            {
              ingredientId: "leek",
              amountG: 100,
              scalesWith: "foodMass" as const,
              optional: false,
              bakeMin: 7,
            },
            {
              ingredientId: "carrot",
              amountG: 100,
              scalesWith: "foodMass" as const,
              optional: false,
              bakeMin: 20,
            },
          ],
        },
      ],
    });
    const start = at(bed(), "stage_1");
    expect(at(bed(), "bed_20") - start).toBe(5);
    expect(at(bed(), "bed_7") - start).toBe(18);
    expect(at(bed(5), "bed_7") - at(bed(5), "stage_1")).toBe(23);
    expect(step(bed(), "bed_20").title).toMatch(/^Into the oven beside it: \d+ g carrot/);
  });

  test("the oven is heated before the first thing that needs it, a bed that goes in first too", () => {
    const f = {
      ...leg,
      cook: { toC: 60, minutes: 30, restMin: 5, ovenC: 200 },
      companions: [
        {
          kind: "bed" as const,
          name: "",
          lines: [
            {
              ingredientId: "carrot",
              amountG: 100,
              scalesWith: "foodMass" as const,
              optional: false,
              bakeMin: 55,
            },
          ],
        },
      ],
    };
    expect(at(f, "stage_1") - at(f, "bed_55")).toBe(25);
    expect(at(f, "bed_55") - at(f, "preheat")).toBe(20);
  });

  test("seared in as many pans as the pieces need, skin down", () => {
    const f = of(
      "duck_leg",
      "dry",
      {
        cook: {
          toC: 85,
          minutes: 60,
          restMin: 5,
          stages: [
            { ovenC: 220, minutes: 6, cover: "open", on: "pan", perPan: 4 },
            { ovenC: 170, minutes: 60, cover: "open" },
          ],
        },
      },
      10,
    );
    const sear = step(f, "sear_1");
    expect(sear.title).toBe("Sear in a hot pan: skin down first, 3 panfuls of 4, 6 min each");
    expect(sear.minutes.likely).toBe(18);
    expect(sear.occupies).toEqual([{ what: "ring" }]);
    expect(at(f, "stage_1")).toBe(sear.atMin + 18);
  });

  test("schools are acts: salted first with its grams, the reserve before raw food, what lay on it boiled or wiped off", () => {
    const f = {
      ...of("lamb_shoulder_butterflied", "marinade"),
      reserve: { share: 0.2, use: "sauce" as const },
      companions: [{ kind: "sauce" as const, name: "Pan sauce", leftover: "boiled" as const, lines: [] }],
    };
    const first = { ...f, preparation: { ...f.preparation, school: "onFoodFirst" } } as Formulation;
    const salt = worked(first).lines.find((l) => l.role === "salt")?.massG ?? NaN;
    expect(step(first, "salt_first").figures[0].value).toBeCloseTo(salt, 9);
    expect(ids(f)).not.toContain("salt_first");
    expect(at(f, "reserve")).toBeGreaterThan(at(f, "mix"));
    expect(at(f, "reserve")).toBeLessThan(at(f, "go_in"));
    expect(step(f, "boil_leftover").title).toContain("3 min at a rolling boil");
    expect(ids({ ...f, companions: [] })).not.toContain("boil_leftover");
    expect(step({ ...f, companions: [] }, "lift_out").why).toContain("thrown away");
  });

  test("no time: it is drizzled and goes straight into the heat; nothing stands, nothing is taken out", () => {
    const f = of("tofu_firm", "marinade", { pullH: 0 });
    expect(step(f, "go_in").title).toMatch(/^Drizzle/);
    expect(ids(f)).not.toContain("soak");
    expect(ids(f)).not.toContain("lift_out");
    expect(at(f, "stage_1")).toBe(5);
  });

  test("out of the fridge so long where the cook says so, and said how long it may", () => {
    const f = chops({ cook: { toC: 63, minutes: 20, restMin: 5, temperMin: 40 } });
    expect(at(f, "stage_1") - at(f, "temper")).toBe(40);
    expect(step(f, "temper").late).toContain("Two hours");
    expect(ids(chops())).not.toContain("temper");
  });

  test("frozen in the fridge: its thaw comes before everything else", () => {
    const f = chops({ pieces: { ...chops().pieces, thaw: "fridge" } });
    expect(program(f).steps[0].id).toBe("thaw");
    expect(program(f).steps[0].atMin).toBeLessThan(-24);
  });
});

describe("a cooler night", () => {
  const cooled = (pullH: number) => chops({ pullH, holding: { ...chops().holding, place: "cooler" } });
  const looks = (p: Program) => p.steps.filter((s) => s.kind === "ice").map((s) => s.atMin);

  test.each([4.99, 5, 9.9, 10, 16, 19, 20, 25])(
    "%d h: no gap of five hours or more, the last one too",
    (hours) => {
      const all = [0, ...looks(program(cooled(hours))), hours * 60];
      const gaps = all.slice(1).map((m, i) => m - all[i]);
      expect(Math.max(...gaps)).toBeLessThan(300);
    },
  );

  test("16 h stretched to 19: looked at within the hours it stands, ice for 19 h", () => {
    const f = cooled(16);
    const [own, stretched] = [program(f), program(f, 19)];
    expect(looks(stretched)).toEqual([285, 570, 855]);
    const ice = (p: Program) => step(p, "go_in").figures.find((x) => x.what === "ice")?.value ?? NaN;
    expect(ice(stretched) / ice(own)).toBeCloseTo(4.75 / 4, 6);
    expect(at(stretched, "lift_out")).toBe(19 * 60);
  });

  test("turns follow the hours, none within an hour of taking it out", () => {
    const turnsOf = (hours: number) =>
      program(chops({ pullH: hours }))
        .steps.filter((s) => s.kind === "turn")
        .map((s) => s.atMin / 60);
    expect(turnsOf(9)).toEqual([]);
    expect(turnsOf(9.1)).toEqual([8]);
    expect(turnsOf(24)).toEqual([8, 16]);
  });
});

describe("a joint taken apart", () => {
  const parts = [
    { name: "breasts", toC: 66, thicknessMm: 40, share: 0.3 },
    { name: "legs", toC: 85, thicknessMm: 45, share: 0.34 },
  ];
  const cook: Cook = { toC: 80, minutes: 150, restMin: 15, ovenC: 180, apart: true, parts };
  const goose = of("goose_whole", "dry", { pullH: 24, cook }, 1);

  test("never assumed: left whole, no step says to take it apart", () => {
    const whole = { ...goose, cook: { ...cook, apart: undefined } };
    expect(ids(whole)).not.toContain("apart");
    expect(
      program(whole)
        .steps.map((s) => s.title)
        .join(),
    ).not.toMatch(/apart|split/i);
    expect(ids(of("goose_whole", "dry", {}, 1))).not.toContain("apart");
  });

  test("two trays, two ends, each with its own out-at, both rested for one table", () => {
    const p = program(goose);
    expect(at(p, "p1_rest") + step(p, "p1_rest").minutes.likely).toBe(at(p, "serve"));
    expect(at(p, "p2_rest") + step(p, "p2_rest").minutes.likely).toBe(at(p, "serve"));
    const [breast, legs] = exitsOf(goose, worked(goose));
    expect([breast.endC, legs.endC]).toEqual([66, 85]);
    expect(step(p, "p1_oven_out").ends).toMatchObject({ outC: breast.outC, endC: 66 });
    expect(step(p, "p2_oven_out").ends).toMatchObject({ outC: legs.outC, endC: 85 });
    expect(at(p, "preheat")).toBe(Math.min(at(p, "p1_stage_1"), at(p, "p2_stage_1")) - 20);
    expect(step(p, "p1_oven_out").why).toContain("At 66 °C the published table asks");
  });

  test("what is no part goes to the stock with its salt: the ledger's own grams", () => {
    const sheet = worked(goose);
    const { ledger, meanFraction } = outcomeAt(sheet, 24, 4);
    const salt = step(goose, "stock").figures;
    expect(salt[0].value).toBeCloseTo(sheet.foodG * 0.36, 9);
    expect(salt[1].value).toBeCloseTo(endG(ledger, "stock"), 9);
    expect(salt[2].value).toBeCloseTo(meanFraction * 100, 9);
    const whole = outcomeAt(worked({ ...goose, cook: { ...cook, apart: undefined } }), 24, 4).ledger;
    expect(endG(ledger, "stock") + endG(ledger, "flesh")).toBeCloseTo(endG(whole, "flesh"), 9);
  });
});

describe("fresh water", () => {
  const rinsed = chops({ preparation: preparationOffered("timed", 0.014), pullH: 8, rinse: { minutes: 30 } });

  test("its effect is a figure before and after, the same in step, outcome and ledger", () => {
    const sheet = worked(rinsed);
    const o = outcomeAt(sheet, 8, 4);
    const [, surfaceAfter, meanBefore, meanAfter] = step(rinsed, "finish").figures.map((x) => x.value);
    expect(meanBefore).toBeCloseTo(o.meanFraction * 100, 2);
    expect(meanAfter).toBeCloseTo(o.toHeat.meanFraction * 100, 9);
    expect(surfaceAfter).toBeLessThan(o.surfaceFraction * 100);
    expect(endG(o.ledger, "rinsed")).toBeGreaterThan(0);
    const kept = outcomeAt(worked({ ...rinsed, rinse: undefined }), 8, 4).ledger;
    expect(endG(o.ledger, "flesh") + endG(o.ledger, "rinsed")).toBeCloseTo(endG(kept, "flesh"), 6);
    expect(o.ledger.sources.reduce((s, x) => s + x.naclG, 0)).toBeCloseTo(
      o.ledger.ends.reduce((s, x) => s + x.naclG, 0),
      6,
    );
  });

  test("not chosen: no act, whatever the school", () => {
    expect(ids({ ...rinsed, rinse: undefined })).not.toContain("finish");
  });
});

describe("in this kitchen's oven, as it was taken for true", () => {
  const food = findFood("pork_loin_roast");
  if (!food) throw new Error("no loin");
  const pieces = piecesOffered(food, 1);
  const offered = (ovenOffC: number) => cookOffered(food, pieces, { ovenOffC }).minutes;

  test("an oven under its dial asks for more minutes: as many as one that is truly set so much lower", () => {
    expect(offered(-20)).toBeGreaterThan(offered(0));
    expect(offered(20)).toBeLessThan(offered(0));
    const loin = (change: Partial<Formulation>) =>
      of(food.id, "dry", { pullH: 20, cook: undefined, ...change }, 1);
    const cooks = (f: Formulation) => step(f, "stage_1").minutes.likely;
    expect(cooks(loin({ heatHere: { ovenOffC: -20 } }))).toBe(
      cookOffered(food, pieces, { ovenOffC: -20 }).minutes,
    );
    expect(cooks(loin({ heatHere: { ovenOffC: -20 } }))).toBeGreaterThan(cooks(loin({})));
    // What the cook gave is the cook's.
    const given = { toC: 63, minutes: 80, restMin: 15 };
    expect(cooks(loin({ cook: given, heatHere: { ovenOffC: -20 } }))).toBe(80);
  });

  test("a bake in a crust, a part on its own tray and the trade's count go by the same air", () => {
    const bake = (heatHere?: Formulation["heatHere"], ovenC = 200) =>
      worked(of("celeriac", "crust", { heatHere, cook: { toC: 94, minutes: 80, restMin: 10, ovenC } }, 1))
        .bake;
    expect(bake({ ovenOffC: -20 })?.likelyH).toBeCloseTo(bake(undefined, 180)?.likelyH ?? NaN, 9);
    expect(bake({ ovenOffC: -20 })?.ovenC).toBe(200);
    const parts = [{ name: "legs", toC: 85, thicknessMm: 45, share: 0.34 }];
    const goose = (ovenC: number, heatHere?: Formulation["heatHere"]) =>
      of(
        "goose_whole",
        "dry",
        { pullH: 24, heatHere, cook: { toC: 80, minutes: 150, restMin: 15, ovenC, apart: true, parts } },
        1,
      );
    const legs = (f: Formulation) => exitsOf(f, worked(f))[0].minutes;
    expect(legs(goose(180, { ovenOffC: -20 }))).toBe(legs(goose(160)));
  });

  test("it is lit earlier by as much as it is known to take longer", () => {
    const slow = { ...leg, heatHere: { heatUp: 1.5 } };
    expect(at(slow, "stage_1") - at(slow, "preheat")).toBe(30);
    expect(step(slow, "preheat").minutes.likely).toBe(30);
  });
});

describe("laws of every program", () => {
  test("ids are one of a kind, ties name steps there are, in order, the food goes in at nought, and no place stays empty", () => {
    fc.assert(
      fc.property(formulations, (f) => {
        const sheet = formulate(f);
        if (!sheet.ok) return;
        const { steps, ties } = programOf(f, sheet.value);
        const known = new Set(steps.map((s) => s.id));
        expect(known.size).toBe(steps.length);
        expect(steps.find((s) => s.id === "go_in")?.atMin).toBe(0);
        for (const t of ties) expect(known.has(t.before) && known.has(t.after)).toBe(true);
        for (const s of steps) {
          expect(Number.isFinite(s.atMin)).toBe(true);
          expect(s.minutes.least).toBeLessThanOrEqual(s.minutes.likely);
          expect(s.minutes.likely).toBeLessThanOrEqual(s.minutes.most);
          expect(`${s.title} ${s.why} ${s.look ?? ""}`).not.toMatch(/undefined|NaN|\{\{|\bInfinity\b/);
        }
        expect([...steps].sort((a, b) => a.atMin - b.atMin).map((s) => s.atMin)).toEqual(
          steps.map((s) => s.atMin),
        );
      }),
      { seed: 812, numRuns: 60 },
    );
  });

  test("on the cook's own hours every tie holds: the program is a plan of itself", () => {
    fc.assert(
      fc.property(formulations, (f) => {
        const sheet = formulate(f);
        if (!sheet.ok) return;
        const { steps, ties } = programOf(f, sheet.value);
        const time = (id: string, end: "start" | "end") => {
          const s = steps.find((x) => x.id === id);
          return s ? s.atMin + (end === "end" ? s.minutes.likely : 0) : NaN;
        };
        for (const t of ties) {
          const gap = time(t.after, t.to) - time(t.before, t.from);
          expect(gap).toBeGreaterThanOrEqual(t.leastMin - 1e-6);
          if (t.mostMin !== undefined) expect(gap).toBeLessThanOrEqual(t.mostMin + 1e-6);
        }
      }),
      { seed: 813, numRuns: 30 },
    );
  });

  test("every preparation of a duck leg: leftovers within two hours, no act before its time", () => {
    for (const choice of PREPARATION_CHOICES) {
      const p = program(of("duck_leg", choice));
      expect(at(p, "chill_leftovers") - p.tableMin).toBe(110);
      expect(actsIn(p).every((s) => s.title.length > 3 && s.why.length > 8)).toBe(true);
    }
  });
});

describe("stages", () => {
  test.each(["hotThenLow", "lowThenHot", "pouch"] as const)("%s keeps the time in all", (preset) => {
    expect(cookMinutes(presetStages(preset, 180, 90) ?? [])).toBe(90);
  });

  test("seared first: a pan before the same oven", () => {
    expect(presetStages("searFirst", 180, 90)).toMatchObject([{ on: "pan" }, { ovenC: 180, minutes: 90 }]);
  });

  test("without any the cook is one open stage; a crust bakes for its own hours, whatever stages it kept", () => {
    expect(stagesOf(chops(), { toC: 63, minutes: 40, restMin: 5 })).toEqual([
      { ovenC: 180, minutes: 40, cover: "open" },
    ]);
    const crust = of("celeriac", "crust", { pullH: 1.5 });
    expect(stagesOf(crust, twoStages)).toEqual([{ ovenC: 120, minutes: 90, cover: "crust" }]);
  });
});

describe("minutes that are offered, never under the trade's (common practice, no source)", () => {
  test.each([
    ["duck_whole", 2300, 130],
    ["chicken_whole", 1800, 95],
    ["turkey_whole", 6500, 180],
    ["shrimp_shell", 12, 5],
    ["duck_leg", 280, 80],
    ["celeriac", 900, 0],
  ])("%s of %d g: at least %d min", (id, pieceG, leastMin) => {
    const food = findFood(id);
    if (!food) throw new Error(id);
    const pieces = { ...piecesOffered(food, 1), totalMassG: pieceG };
    expect(cookOffered(food, pieces).minutes).toBeGreaterThanOrEqual(leastMin);
  });

  test("a hotter middle takes longer, a cooler one less: bakes in a crust too", () => {
    const bake = (toC: number) => {
      const f = of("celeriac", "crust", { cook: { toC, minutes: 80, restMin: 10, ovenC: 200 } }, 1);
      return (
        worked({ ...f, pieces: { ...f.pieces, totalMassG: 900, thicknessMm: 112 } }).bake?.likelyH ?? NaN
      );
    };
    expect(bake(94)).toBeGreaterThan(bake(85));
    // An independent model of crust and food in two layers has 95 to 120 min for 900 g at 200 °C.
    expect(bake(94) * 60).toBeGreaterThan(90);
    expect(bake(94) * 60).toBeLessThan(130);
  });
});
