import { causesOf, type RealBatch } from ".";
import { outcomeAt, type Outcome } from "../../formula/account/outcome";
import { cookOf } from "../../formula/cook/cook";
import { chops, worked } from "../../formula/formulation.fixture";
import { preparationOffered } from "../../formula/offer/defaults";
import { withPreparation } from "../../formula/offer/offered";
import type { Formulation, Preparation } from "../../formulation";
import { describedKind, type PreparationKind } from "../../preparations";
import { FAULT_NAME, type FaultId } from "../outcome";

function real(input: Formulation, part: Partial<RealBatch> = {}): RealBatch {
  const sheet = worked(input);
  const hours = part.hours ?? input.pullH;
  return { input, sheet, hours, saltFactor: 1, atLift: outcomeAt(sheet, hours, input.portions), ...part };
}
const ids = (fault: FaultId, b: RealBatch) => causesOf(fault, b).map((c) => c.id);
const of = (fault: FaultId, id: string, b: RealBatch) => causesOf(fault, b).find((c) => c.id === id);
const asked = (targetFraction: number, choice: Parameters<typeof preparationOffered>[0] = "equilibrium") =>
  chops({ preparation: preparationOffered(choice, targetFraction) });

/** The batch as it would be with other figures at lift-out. */
function holding(b: RealBatch, shares: Partial<Outcome["toHeat"]>, evenness = b.atLift.evenness): RealBatch {
  return { ...b, atLift: { ...b.atLift, evenness, toHeat: { ...b.atLift.toHeat, ...shares } } };
}

describe("too salty", () => {
  test("over-poured, by how much", () => {
    const over = of("too_salty", "over_poured", real(chops(), { saltFactor: 1.1 }));
    expect(over?.strength).toBeCloseTo(0.8, 9);
    expect(over?.text).toContain("10 % over its line");
    expect(ids("too_salty", real(chops()))).not.toContain("over_poured");
    expect(ids("too_salty", real(chops(), { saltFactor: 0.9 }))).not.toContain("over_poured");
  });

  test("the flesh held more than was wanted: three times its share over", () => {
    const b = holding(real(asked(0.014)), { meanFraction: 0.0168 });
    const over = of("too_salty", "mean_over", b);
    expect(over?.strength).toBeCloseTo(0.6, 9);
    expect(over?.text).toBe("The flesh held 1.68 % where 1.40 % was wanted.");
    expect(ids("too_salty", holding(b, { meanFraction: 0.0142 }))).not.toContain("mean_over");
  });

  test("asked for too much: from 1.3 % on", () => {
    expect(ids("too_salty", real(asked(0.0132)))).not.toContain("high_target");
    const high = of("too_salty", "high_target", real(asked(0.015)));
    expect(high?.strength).toBeCloseTo(0.4, 9);
    expect(high?.text).toContain("1.50 %");
  });

  test("other lines than salt, by their share of what is eaten; the food's own is nobody's fault", () => {
    const soy = chops({
      preparation: preparationOffered("dry", 0.014),
      lines: [{ ingredientId: "soy_sauce", amountG: 12, scalesWith: "foodMass", optional: false }],
    });
    const { ledger } = real(soy).atLift;
    const fromSoy = ledger.sources.find((s) => s.id === "soy_sauce");
    const share = (fromSoy?.naclG ?? NaN) / ledger.eatenG;
    expect(share).toBeGreaterThan(0.05);
    const hidden = of("too_salty", "hidden_salt", real(soy));
    expect(hidden?.strength).toBeCloseTo(Math.min(1, share * 1.5), 9);
    expect(hidden?.text).toContain(`${Math.round(share * 100)} %`);
    expect(ids("too_salty", real(chops()))).not.toContain("hidden_salt");
  });

  test("the face: past twice the mean", () => {
    const face = (surfaceFraction: number) =>
      of("too_salty", "surface_salt", holding(real(asked(0.012)), { meanFraction: 0.01, surfaceFraction }));
    expect(face(0.022)).toBeUndefined();
    expect(face(0.03)?.strength).toBeCloseTo(0.25, 9);
    expect(face(0.03)?.text).toBe("The face held 3.00 %, the mean 1.00 %.");
    expect(face(0.09)?.strength).toBe(1);
  });

  test("the likeliest first", () => {
    const b = holding(real(asked(0.015), { saltFactor: 1.02 }), {
      meanFraction: 0.018,
      surfaceFraction: 0.018,
    });
    expect(ids("too_salty", b)).toEqual(["mean_over", "high_target", "over_poured"]);
  });
});

describe("bland", () => {
  test("less held than wanted: twice its share under where all of it was bland, once where only the inside", () => {
    const b = holding(real(asked(0.014), { hours: 5 }), { meanFraction: 0.0105 }, 0.98);
    expect(of("bland", "mean_under", b)?.strength).toBeCloseTo(0.5, 9);
    expect(of("bland", "mean_under", b)?.text).toBe("It came out at 1.05 % of 1.40 % wanted, after 5.0 h.");
    expect(of("bland_inside", "mean_under", b)?.strength).toBeCloseTo(0.25, 9);
    expect(of("dry", "mean_under", b)?.strength).toBeCloseTo(0.25, 9);
  });

  test("asked for too little: from 1.2 % down", () => {
    const enough = (target: number) => holding(real(asked(target)), { meanFraction: target });
    expect(ids("bland", enough(0.0119))).toEqual([]);
    const low = of("bland", "low_target", enough(0.01));
    expect(low?.strength).toBeCloseTo(0.5, 9);
    expect(low?.text).toContain("only 1.00 %");
  });

  test("the centre was behind, with its share and its millimetres", () => {
    const b = real(chops());
    const mm = Math.round(b.sheet.soak.body.halfThicknessM * 1000);
    const behind = of("bland_inside", "centre_behind", holding(b, { centreFraction: 0.006 }, 0.5));
    expect(behind?.strength).toBeCloseTo(0.5, 9);
    expect(behind?.text).toBe("The centre held 0.60 %: 50 % of the mean.");
    expect(behind?.change).toContain(`${mm} mm to go`);
    expect(mm).toBeGreaterThan(5);
    expect(ids("bland_inside", holding(b, {}, 0.96))).not.toContain("centre_behind");
  });
});

describe("what is to be changed is a lever this kind has", () => {
  const kinds: [Preparation["kind"], Formulation][] = [
    ["wetBrine", asked(0.014, "timed")],
    ["dryBrine", asked(0.014, "dry")],
    ["marinade", withPreparation(chops(), "marinade")],
    ["paste", withPreparation(chops(), "paste")],
    ["rub", withPreparation(chops(), "rub")],
    ["saltCrust", withPreparation(chops(), "crust")],
    ["cure", withPreparation(chops({ foodId: "mackerel_fillet" }), "cure")],
  ];
  test.each(kinds)("%s", (kind, f) => {
    expect(f.preparation.kind).toBe(kind);
    const target = f.preparation.targetFraction;
    const said = [
      of("too_salty", "mean_over", holding(real(f), { meanFraction: target * 1.5 })),
      of("bland", "mean_under", holding(real(f), { meanFraction: target * 0.5 })),
      of("bland_inside", "centre_behind", holding(real(f), {}, 0.4)),
      of("too_salty", "surface_salt", holding(real(f), { meanFraction: 0.01, surfaceFraction: 0.06 })),
    ].map((c) => c?.change ?? "");
    expect(said.every((s) => s.length > 12)).toBe(true);
    // Only a bath is made stronger, or is of a school; nothing is rested or rinsed out of a crust.
    if (kind !== "wetBrine") expect(said.join()).not.toMatch(/bath|school/);
    if (kind === "saltCrust") expect(said.join()).not.toMatch(/[Rr]est it|rinse|slash|day earlier/);
  });

  test("of a crust no figure was asked: neither too much nor too little of it", () => {
    const crust = (targetFraction: number): RealBatch => {
      const f = withPreparation(chops(), "crust");
      return real({ ...f, preparation: { ...f.preparation, targetFraction } });
    };
    expect(ids("too_salty", crust(0.02))).not.toContain("high_target");
    expect(ids("bland", crust(0.005))).not.toContain("low_target");
    expect(of("ham_like", "too_long", { ...crust(0.012), hours: 90 })?.change).toContain("probe");
  });
});

describe("a grey face, a ham-like bite", () => {
  const sour = withPreparation(chops(), "marinade");
  test("sharp acid for long: half its hours and its pH under 4", () => {
    const b = real(sour);
    const [pH, limit] = [b.sheet.mix?.pH ?? NaN, b.sheet.keep.hours];
    const at = (hours: number) => of("grey_surface", "over_acid", { ...b, hours });
    const halfway = limit * 0.9;
    expect(at(halfway)?.strength).toBeCloseTo(Math.min(1, 0.9 - 0.5 + (4 - pH) * 0.2), 9);
    expect(at(halfway)?.text).toContain(`pH ${pH.toFixed(1)} for ${halfway.toFixed(1)} h; ${limit} h`);
    expect(ids("grey_surface", real(chops(), { hours: 90 }))).not.toContain("over_acid");
  });

  test("past its window: counted from six tenths of it; without one, of how long it keeps", () => {
    const strong = real(
      chops({
        preparation: {
          ...preparationOffered("timed", 0.012),
          strength: { basis: "percent", saltFraction: 0.1 },
        } as Preparation,
      }),
    );
    const ended = strong.sheet.soak.window.past.likely ?? NaN;
    const late = of("ham_like", "too_long", { ...strong, hours: ended });
    expect(late?.strength).toBeCloseTo(0.4, 9);
    expect(late?.text).toBe(`${ended.toFixed(1)} h; the window ended at ${ended.toFixed(1)} h.`);
    expect(ids("ham_like", { ...strong, hours: ended * 0.6 })).not.toContain("too_long");
    const ending = real(chops());
    const { soak } = ending.sheet;
    const window = { ...soak.window, past: { ...soak.window.past, likely: undefined } };
    const endless = { ...ending, sheet: { ...ending.sheet, soak: { ...soak, window } } };
    const keeps = endless.sheet.keep.hours;
    expect(of("ham_like", "too_long", { ...endless, hours: keeps })?.strength).toBeCloseTo(0.4, 9);
  });
});

describe("out of the heat", () => {
  const wanted = (toC: number, part: Partial<RealBatch> = {}) =>
    real(chops({ cook: { toC, minutes: 40, restMin: 5 } }), part);

  test("79 °C for 63 wanted is over, and the official minimum is said; two for a braise is not", () => {
    const over = of("dry", "over_cooked", wanted(63, { coreC: 79 }));
    expect(over?.strength).toBe(1);
    expect(over?.text).toBe("Its middle read 79 °C; 63 °C was wanted. The official minimum is 62.8 °C.");
    expect(of("dry", "over_cooked", wanted(63, { coreC: 66 }))?.strength).toBeCloseTo(0.25, 9);
    expect(ids("dry", wanted(63, { coreC: 63.5 }))).not.toContain("over_cooked");
    expect(ids("dry", wanted(90, { coreC: 90 }))).not.toContain("over_cooked");
  });

  test("asked for hotter than is usual and official: 12 °C over is sure", () => {
    const { targetC, safeMinC } = wanted(63).sheet.food;
    const enough = Math.max(targetC, safeMinC ?? 0);
    expect(ids("dry", wanted(enough, { coreC: enough }))).not.toContain("asked_hot");
    const hot = of("dry", "asked_hot", wanted(enough + 6, { coreC: enough + 6 }));
    expect(hot?.strength).toBeCloseTo(0.5, 9);
    expect(hot?.change).toContain(`never under the ${safeMinC} °C of your food code`);
    const root = real(withPreparation(chops({ foodId: "celeriac" }), "crust"));
    const cook = cookOf(root.input, root.sheet.food);
    const rooty = {
      ...root,
      input: { ...root.input, cook: { ...cook, toC: root.sheet.food.targetC + 6 } },
      coreC: 20,
    };
    expect(of("dry", "asked_hot", rooty)?.change).toBe(`Ask for ${root.sheet.food.targetC} °C.`);
  });

  test("nobody read it: that is said, and nothing is made up", () => {
    expect(ids("dry", wanted(63))).toContain("not_read");
    expect(ids("dry", wanted(63))).not.toContain("over_cooked");
    expect(ids("dry", wanted(63, { coreC: 70 }))).not.toContain("not_read");
  });

  test("skin that stood covered; bare it is less likely; without skin never", () => {
    const duck = (covered: boolean) => {
      const f = chops({ foodId: "duck_leg", preparation: preparationOffered("dry", 0.014) });
      return real({ ...f, holding: { ...f.holding, covered } });
    };
    expect(of("rubbery_skin", "damp_skin", duck(true))?.strength).toBe(0.8);
    expect(of("rubbery_skin", "damp_skin", duck(false))?.strength).toBe(0.3);
    expect(ids("rubbery_skin", real(chops()))).toEqual([]);
  });

  test("sugar in a hotter oven than it bears, the hottest of its stages; none without sugar", () => {
    const sweet = withPreparation(chops(), "paste");
    const paste = (ovenC: number, more: Partial<Formulation> = {}) =>
      real({ ...sweet, cook: { toC: 63, minutes: 30, restMin: 5, ovenC }, ...more });
    const scorchC = paste(180).sheet.mix?.scorchC ?? NaN;
    expect(scorchC).toBeGreaterThan(100);
    const burnt = of("burnt_coat", "sugar_burns", paste(scorchC + 10));
    expect(burnt?.strength).toBeCloseTo(0.45, 9);
    expect(burnt?.text).toContain(`blackens at about ${scorchC} °C; the oven was ${scorchC + 10} °C`);
    const percent = Math.round((paste(180).sheet.mix?.sugarFraction ?? NaN) * 100);
    expect(burnt?.text).toContain(`${percent} % sugar`);
    expect(ids("burnt_coat", paste(scorchC - 20))).toEqual([]);
    const staged = paste(120, {
      cook: {
        toC: 63,
        minutes: 60,
        restMin: 5,
        stages: [
          { ovenC: scorchC - 30, minutes: 50, cover: "lid" },
          { ovenC: scorchC + 10, minutes: 10, cover: "open" },
        ],
      },
    });
    expect(of("burnt_coat", "sugar_burns", staged)?.strength).toBeCloseTo(0.45, 9);
    expect(ids("burnt_coat", real(chops()))).toEqual([]);
  });

  test("it went in wet: out of a bath more likely than from a rub", () => {
    expect(of("watery_pan", "wet_food", real(chops()))?.strength).toBe(0.7);
    expect(of("watery_pan", "wet_food", real(withPreparation(chops(), "rub")))?.strength).toBe(0.3);
  });

  test("pieces of two sizes: by how many times as long the thick ones need", () => {
    const { pieces } = chops();
    const thin = { count: 2, totalMassG: 400, thicknessMm: pieces.thicknessMm / 1.5 };
    const split = of("uneven_pieces", "uneven", real(chops({ alongside: [thin] })));
    expect(split?.strength).toBeCloseTo(2.25 / 3, 9);
    expect(split?.text).toContain("2.3 times as long");
    expect(ids("uneven_pieces", real(chops()))).toEqual(["taken_alike"]);
  });

  test("late: no slack; a coat that fell off: by what could stick", () => {
    expect(ids("late", real(chops()))).toEqual(["no_slack"]);
    const rub = real(withPreparation(chops(), "rub"));
    const stuck = rub.sheet.coat?.stuckShare ?? NaN;
    const coat = of("fell_off", "too_much_coat", rub);
    expect(coat?.strength).toBeCloseTo(Math.min(1, 1.2 - stuck), 9);
    expect(coat?.text).toBe(`${Math.round(stuck * 100)} % of it could stick.`);
    expect(ids("fell_off", real(chops()))).toEqual(["wet_food"]);
  });
});

describe("a crust", () => {
  const crust = withPreparation(chops(), "crust");
  const other = (part: Record<string, unknown>, more: Partial<Formulation> = {}) =>
    real({ ...crust, ...more, preparation: { ...crust.preparation, ...part } });

  test("cracked: thin over the food, or too dry to hold", () => {
    expect(of("crust_cracked", "crust_thin", other({ overMm: 10 }))?.strength).toBeCloseTo(0.5, 9);
    expect(of("crust_cracked", "crust_thin", other({ overMm: 10 }))?.text).toContain("10 mm");
    expect(ids("crust_cracked", other({ overMm: 14 }))).toEqual(["crust_dry"]);
    expect(ids("crust_cracked", real(chops()))).toEqual([]);
  });

  test("like stone: more than two whites, or a salt that packs", () => {
    const whites = (eggWhites: number): RealBatch => {
      const b = other({ school: "eggWhite" });
      return { ...b, sheet: { ...b.sheet, crust: b.sheet.crust && { ...b.sheet.crust, eggWhites } } };
    };
    expect(ids("crust_stone", whites(2))).not.toContain("many_whites");
    expect(of("crust_stone", "many_whites", whites(3))?.strength).toBeCloseTo(0.3, 9);
    const fine = other({}, { saltId: "table_fine" });
    expect(of("crust_stone", "fine_salt", fine)?.strength).toBe(0.9);
    expect(ids("crust_salted_flesh", fine)).toContain("fine_salt");
    expect(ids("crust_stone", other({}, { saltId: "sea_coarse" }))).not.toContain("fine_salt");
    // The same salt in a bath is nobody's stone.
    expect(ids("crust_stone", real(chops({ saltId: "table_fine" })))).toEqual([]);
  });

  test("salted the flesh: it was scaled", () => {
    expect(of("crust_salted_flesh", "scaled", other({ scales: "off" }))?.strength).toBe(0.7);
    expect(ids("crust_salted_flesh", other({ scales: "on" }))).not.toContain("scaled");
    expect(ids("crust_salted_flesh", real(chops()))).not.toContain("scaled");
  });
});

test("every fault has a name and, somewhere, a cause; no preparation is asked about another's faults", () => {
  const duck = chops({ foodId: "duck_leg", preparation: preparationOffered("dry", 0.014) });
  const batches = [
    real(chops({ pullH: 4 })),
    real({ ...duck, holding: { ...duck.holding, covered: true } }),
    real(withPreparation(chops(), "rub")),
    real({ ...withPreparation(chops(), "crust"), saltId: "table_fine" }),
    real({
      ...withPreparation(chops(), "paste"),
      cook: { toC: 63, minutes: 20, restMin: 5, ovenC: 240 },
    }),
    real(withPreparation(chops(), "marinade"), { hours: 60, coreC: 80 }),
  ];
  for (const fault of Object.keys(FAULT_NAME) as FaultId[]) {
    const spoken = batches.flatMap((b) => causesOf(fault, b));
    expect([fault, spoken.length > 0]).toEqual([fault, true]);
    for (const { strength, text, change } of spoken) {
      expect(strength).toBeGreaterThan(0.05);
      expect(strength).toBeLessThanOrEqual(1);
      expect(text).not.toMatch(/NaN|undefined|Infinity/);
      expect(change.length).toBeGreaterThan(8);
    }
    expect(FAULT_NAME[fault].length).toBeGreaterThan(2);
  }
  const own: Record<PreparationKind, FaultId[]> = {
    wetBrine: ["ham_like", "rubbery_skin", "watery_pan"],
    dryBrine: ["ham_like", "rubbery_skin"],
    marinade: ["grey_surface", "burnt_coat", "watery_pan"],
    paste: ["grey_surface", "burnt_coat", "fell_off"],
    rub: ["burnt_coat", "fell_off"],
    saltCrust: ["crust_cracked", "crust_stone", "crust_salted_flesh"],
    cure: ["grey_surface"],
    injection: ["ham_like", "rubbery_skin", "watery_pan"],
  };
  for (const [kind, faults] of Object.entries(own) as [PreparationKind, FaultId[]][])
    expect(describedKind(kind).faults).toEqual([
      "too_salty",
      "bland",
      "bland_inside",
      "dry",
      "uneven_pieces",
      "late",
      ...faults,
    ]);
});
