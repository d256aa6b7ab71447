import fc from "fast-check";
import { findFood } from "../materials/lookup";
import {
  piecesOffered,
  PREPARATION_CHOICES,
  preparationOffered,
  type PreparationChoice,
} from "../formula/defaults";
import { chops, worked } from "../formula/formulation.fixture";
import type { Formulation } from "../formula/model";
import { outcomeAt } from "../formula/outcome";
import { withPreparation } from "../formula/offered";
import { actsFor } from "./acts";
import { cookMinutes, presetStages, stagesOf } from "./cook-stages";
import { coolestC, cookedParts } from "./cook-parts";
import { bandOf, effectOf, judgeWeight, rebalanced } from "./weigh-in";

function of(foodId: string, choice: PreparationChoice, change: Partial<Formulation> = {}): Formulation {
  const food = findFood(foodId);
  if (!food) throw new Error(foodId);
  return { ...withPreparation(chops({ foodId, pieces: piecesOffered(food, 2) }), choice), ...change };
}
const acts = (f: Formulation) => actsFor(f, worked(f));
const ids = (f: Formulation) => acts(f).map((a) => a.id);
const at = (f: Formulation, id: string) => acts(f).find((a) => a.id === id)?.atMin ?? NaN;

describe("a batch unrolls into its acts", () => {
  test("an equilibrium brine: dissolve, chill, submerge, turn, lift, dry; no rinse", () => {
    const f = chops({ pullH: 20 });
    expect(ids(f)).toEqual(
      expect.arrayContaining([
        "weigh_out",
        "dissolve",
        "chill_brine",
        "go_in",
        "turn_8",
        "turn_16",
        "lift_out",
        "dry",
      ]),
    );
    expect(ids(f)).not.toContain("finish");
    expect(at(f, "lift_out")).toBe(20 * 60);
  });

  test("a strong, timed brine is rinsed; a dry brine is neither dissolved nor turned", () => {
    expect(ids(chops({ preparation: preparationOffered("timed", 0.014) }))).toContain("finish");
    const dry = ids(chops({ preparation: preparationOffered("dry", 0.012) }));
    expect(dry).not.toContain("dissolve");
    expect(dry.some((id) => id.startsWith("turn_"))).toBe(false);
  });

  test("a crust goes into the oven as it is packed, and is opened after its rest", () => {
    const f = of("grey_mullet_whole", "crust", { pullH: 0.75 });
    expect(ids(f)).toEqual(expect.arrayContaining(["mix", "go_in", "probe", "rest", "serve"]));
    expect(ids(f)).not.toContain("lift_out");
    expect(ids(f)).not.toContain("stage_1");
    expect(at(f, "rest")).toBe(45);
    const opened = acts(f).find((a) => a.id === "serve");
    expect(opened?.title).toContain("Crack round the side");
  });

  test("a cooler's ice is looked at every four hours", () => {
    const f = chops({ pullH: 10, holding: { ...chops().holding, place: "cooler" } });
    expect(ids(f).filter((id) => id.startsWith("ice_"))).toEqual(["ice_4", "ice_8"]);
  });

  test("worked example (common practice, no source): covered low, then hot and open, basted every half hour", () => {
    const f = chops({
      cook: {
        toC: 63,
        minutes: 150,
        restMin: 20,
        stages: [
          { ovenC: 160, minutes: 120, cover: "lid", action: "baste", everyMin: 30 },
          { ovenC: 220, minutes: 30, cover: "open" },
        ],
      },
    });
    const all = acts(f);
    const start = at(f, "stage_1");
    expect(all.filter((a) => a.id.startsWith("tend_1")).map((a) => a.atMin - start)).toEqual([30, 60, 90]);
    expect(at(f, "stage_2") - start).toBe(120);
    expect(at(f, "rest") - start).toBe(150);
  });

  test("worked example (common practice, no source): two trays of 7 and 20 min beside a fish", () => {
    const f = {
      ...of("grey_mullet_whole", "dry"),
      cook: { toC: 63, minutes: 25, restMin: 5 },
      companions: [
        {
          kind: "bed" as const,
          name: "",
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
    };
    const start = at(f, "stage_1");
    expect(at(f, "bed_20") - start).toBe(5);
    expect(at(f, "bed_7") - start).toBe(18);
  });

  test("every preparation: ids are one of a kind, nothing before its time, the food goes in at nought", () => {
    for (const choice of PREPARATION_CHOICES) {
      const f = of("duck_leg", choice);
      const all = acts(f);
      expect(new Set(all.map((a) => a.id)).size).toBe(all.length);
      expect(all.find((a) => a.id === "go_in")?.atMin).toBe(0);
      expect(all.every((a) => Number.isFinite(a.atMin) && a.title.length > 3 && a.why.length > 8)).toBe(true);
      expect(at(f, "chill_leftovers") - at(f, "serve")).toBe(120);
    }
  });

  test("frozen in the fridge: its thaw comes before everything else", () => {
    const f = chops({ pieces: { ...chops().pieces, thaw: "fridge" } });
    expect(acts(f)[0].id).toBe("thaw");
    expect(acts(f)[0].atMin).toBeLessThan(-24);
  });
});

describe("stages", () => {
  test.each(["hotThenLow", "lowThenHot", "searFirst", "pouch"] as const)(
    "%s keeps the time in all",
    (preset) => {
      expect(cookMinutes(presetStages(preset, 180, 90) ?? [])).toBe(90);
    },
  );

  test("without any the cook is one open stage", () => {
    expect(stagesOf(chops(), { toC: 63, minutes: 40, restMin: 5 })).toEqual([
      { ovenC: 180, minutes: 40, cover: "open" },
    ]);
  });
});

describe("weighing in", () => {
  const f = chops();
  const sheet = worked(f);
  const salt = sheet.lines.find((l) => l.role === "salt");
  if (!salt) throw new Error("no salt line");

  test("the band is the line's own, and never finer than the scale", () => {
    const { lowG, highG } = bandOf(salt);
    expect(highG - salt.massG).toBeCloseTo(Math.max(1, 0.02 * salt.massG), 9);
    expect(judgeWeight(salt, salt.massG)).toBe("right");
    expect(judgeWeight(salt, highG + 0.01)).toBe("over");
    expect(judgeWeight(salt, lowG - 0.01)).toBe("under");
  });

  test("poured over: everything up by one factor keeps the strength", () => {
    fc.assert(
      fc.property(fc.double({ min: 1.03, max: 2, noNaN: true }), (factor) => {
        const all = rebalanced(sheet.lines, { [salt.id]: salt.massG * factor });
        return (
          Math.abs(all.factor - factor) < 1e-9 &&
          all.lines.every((l, i) => Math.abs(l.massG - sheet.lines[i].massG * factor) < 1e-9)
        );
      }),
      { seed: 141 },
    );
  });

  test("left as it is: more salt ends saltier; the right weight changes nothing", () => {
    const asIs = effectOf(f, sheet, {});
    const over = effectOf(f, sheet, { [salt.id]: salt.massG * 1.2 });
    if (!asIs.ok || !over.ok) throw new Error("refused");
    expect(asIs.value.meanFraction).toBeCloseTo(outcomeAt(sheet, f.pullH, 4).meanFraction, 6);
    expect(asIs.value.endFraction).toBeCloseTo(0.014, 6);
    expect(over.value.endFraction).toBeGreaterThan(0.016);
    expect(over.value.window.ready.likely ?? 99).toBeLessThan(asIs.value.window.ready.likely ?? 99);
  });
});

describe("parts of one joint", () => {
  const duck = of("duck_whole", "dry", { pullH: 24 });
  const cook = { toC: 74, minutes: 100, restMin: 15, ovenC: 180 };
  const withParts = {
    ...duck,
    cook: { ...cook, parts: [{ name: "breast", toC: 60, thicknessMm: 40 }] },
  };
  const parts = cookedParts(withParts, worked(withParts), withParts.cook);

  test("a thinner part to a lower core is out sooner, by its own probe, and the whole keeps its minutes", () => {
    expect(parts.map((p) => p.channel)).toEqual(["probe", "probe2"]);
    expect(parts[0].minutes).toBe(100);
    expect(parts[1].minutes).toBeLessThan(90);
    expect(parts[1].pullC).toBeLessThan(60);
  });

  test("the same thickness and target take the same time; the act stands before the rest", () => {
    const [whole, same] = cookedParts(duck, worked(duck), {
      ...cook,
      parts: [{ name: "other half", toC: 74, thicknessMm: duck.pieces.thicknessMm }],
    });
    expect(same.minutes).toBe(whole.minutes);
    const list = acts(withParts);
    const out = list.find((a) => a.id === "part_probe2");
    expect(out?.title).toContain("Probe the breast: out at");
    expect(out?.atMin).toBeLessThan(list.find((a) => a.id === "rest")?.atMin ?? NaN);
  });

  test("the official minimum is held against the coolest part", () => {
    expect(coolestC(withParts.cook)).toBe(60);
    expect(coolestC(cook)).toBe(74);
  });
});
