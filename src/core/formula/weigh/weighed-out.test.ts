import type { Formulation } from "../../formulation";
import { findFood, findIngredient, findSalt } from "../../materials/lookup";
import type { PreparationChoice } from "../../preparations";
import { boxShellMl, ellipsoidShellMl } from "../../vessel/crust-shell";
import { formulate, type Formulated } from "../formulate";
import { chops, perKg, timedChops, worked } from "../formulation.fixture";
import { piecesOffered } from "../offer/defaults";
import { withPreparation } from "../offer/offered";
import { actsOf } from ".";

/* What is told of a preparation beside its lines: where its salt lies, how long it keeps, what it is made of. */

const of = (choice: PreparationChoice, part: object = {}, change: Partial<Formulation> = {}): Formulation => {
  const base = withPreparation(chops({ pieces: { ...chops().pieces, shape: "slab" } }), choice);
  return { ...base, ...change, preparation: { ...base.preparation, ...part } as Formulation["preparation"] };
};
const refused = (f: Formulation) => {
  const found = formulate(f);
  return found.ok ? undefined : found.error;
};
const sugarOf = (sheet: Formulated) =>
  sheet.lines.reduce((sum, l) => sum + l.massG * (findIngredient(l.id)?.sugarFraction ?? 0), 0);

describe("a rub", () => {
  test("what misses the food falls off; it is sugared by its lines, and is never meant to be too much", () => {
    const sheet = worked(of("rub"));
    expect(sheet.rest).toEqual({ reached: "surface", missed: "fallenOff" });
    expect(sheet.excess).toBe(false);
    expect(sheet.sugarG).toBeCloseTo(sugarOf(sheet), 6);
    expect(sheet.sugarG).toBeGreaterThan(1);
  });

  test("with salt wanted it keeps as a salted one, without as one that holds none", () => {
    expect(worked(of("rub", { targetFraction: 0.012 })).keep.method).toBe("rubSalted");
    expect(worked(of("rub", { targetFraction: 0 }, { salt: { mode: "none" } })).keep.method).toBe(
      "rubSaltFree",
    );
  });

  test("plain salt rubbed on is a rub without a mixture", () => {
    const plain = worked(of("rub", {}, { lines: [] }));
    expect(plain).not.toHaveProperty("mix");
    expect(plain.lines.map((l) => l.role)).toEqual(["salt"]);
    expect(worked(of("rub")).mix?.massG).toBeGreaterThan(5);
    const none = worked(of("rub", {}, { lines: [], salt: { mode: "none" } }));
    expect(none.lines).toEqual([]);
    expect(none.coat?.stuckShare).toBe(1);
  });

  test("a line that has a place or a word of its own keeps it where part of the rub goes inside", () => {
    const sheet = worked(
      of(
        "rub",
        { insideShare: 0.3 },
        { lines: [perKg("pepper_black_ground", 5), perKg("bay_dried", 1, { where: "cavity" })] },
      ),
    );
    expect(sheet.lines.map((l) => l.note)).toEqual([
      "30 % of it inside",
      "30 % of it inside",
      "in the cavity",
    ]);
  });

  test("what is taken off the salt for what hides in its lines is said of the salt line", () => {
    const sheet = worked(of("rub", {}, { lines: [perKg("soy_sauce", 20)] }));
    expect(sheet.lines[0].less?.naclG).toBeCloseTo(
      20 * (findIngredient("soy_sauce")?.saltFraction ?? NaN),
      6,
    );
    expect(worked(of("rub")).lines[0].less).toBeUndefined();
  });

  test("the oiled face is oiled first", () => {
    const said = (surface: string) => {
      const f = of("rub", { surface, insideShare: 0.25 });
      return actsOf(f.preparation).goesIn(f.preparation, { massG: 40 } as never);
    };
    expect(said("oiled").why).toBe("Oil it first: a thin film holds the rub.");
    expect(said("dry").why).toBe("What does not stick falls off, and its salt with it.");
    expect(said("dry").title).toBe("Rub on 40 g, every face, 10 g of it inside");
  });
});

describe("a paste", () => {
  test("its salt is in its coat, or on the face where it was salted first", () => {
    expect(worked(of("paste")).rest).toEqual({ reached: "coat", missed: "coat" });
    const first = worked(of("paste", { school: "onFoodFirst" }));
    expect(first.rest).toEqual({ reached: "surface", missed: "coat" });
    expect(first.excess).toBe(false);
  });

  test("its grams by the square decimetre and the kilogram, its sugar by its lines", () => {
    const sheet = worked(of("paste"));
    const massG = sheet.mix?.massG ?? NaN;
    expect(sheet.coat?.perDm2G).toBeCloseTo(massG / sheet.surfaceDm2, 9);
    expect(sheet.coat?.perKgG).toBeCloseTo(massG, 9);
    expect(sheet.sugarG).toBeCloseTo(sugarOf(sheet), 6);
  });

  test("its binder says how it goes in; a share set aside is made with the rest", () => {
    const note = (roasted: boolean) =>
      worked(of("paste", { roasted })).lines.find((l) => l.role === "binder")?.note;
    expect([note(true), note(false)]).toEqual(["lightly roasted, added in steps", "added in steps"]);
    const plain = worked(of("paste"));
    const more = worked(of("paste", {}, { reserve: { share: 0.5, use: "sauce" } }));
    const binder = (sheet: Formulated) => sheet.lines.find((l) => l.role === "binder")?.massG ?? NaN;
    expect(binder(more)).toBeCloseTo(2 * binder(plain), 6);
  });

  test("what is not in the table cannot bind; nothing is no paste", () => {
    expect(refused(of("paste", { binderId: "sawdust" }))).toEqual({
      code: "unknown_ingredient",
      id: "sawdust",
    });
    expect(refused(of("paste", {}, { lines: [] }))).toEqual({ code: "nothing_in_mixture" });
    expect(refused(of("paste", {}, { lines: [perKg("nothing_known", 20)] }))).toBeDefined();
  });

  test("without salt there is no line of it", () => {
    expect(worked(of("paste", {}, { salt: { mode: "none" } })).lines.map((l) => l.role)).not.toContain(
      "salt",
    );
  });
});

describe("a marinade", () => {
  test("its salt is in the mixture, or on the face where it was salted first", () => {
    expect(worked(of("marinade")).rest).toEqual({ reached: "mixture", missed: "mixture" });
    expect(worked(of("marinade", { school: "onFoodFirst" })).rest).toEqual({
      reached: "surface",
      missed: "mixture",
    });
    expect(worked(of("marinade")).excess).toBe(false);
  });

  test("its sugar by its lines; without salt no line of it", () => {
    const sheet = worked(of("marinade"));
    expect(sheet.sugarG).toBeCloseTo(sugarOf(sheet), 6);
    expect(worked(of("marinade", {}, { salt: { mode: "none" } })).lines.map((l) => l.role)).not.toContain(
      "salt",
    );
  });

  test("it is wiped off", () => {
    const { preparation } = of("marinade");
    expect(actsOf(preparation).comesOff?.(preparation).title).toBe("Wipe it off, leave a thin film");
  });
});

describe("a brine", () => {
  test("a timed one holds more than is to go in, at equilibrium just enough; its salt scales with the bath or the food", () => {
    const salt = (sheet: Formulated) => sheet.lines.find((l) => l.role === "salt")?.scalesWith;
    const [timed, equal] = [worked(timedChops(0.06)), worked(chops())];
    expect([timed.excess, equal.excess]).toEqual([true, false]);
    expect([salt(timed), salt(equal)]).toEqual(["bath", "foodMass"]);
    expect(worked(of("dry")).excess).toBe(false);
  });

  test("what it would hold by the other convention, where salt follows from what is wanted", () => {
    const equal = worked(chops());
    const other = worked(
      chops({ preparation: { ...chops().preparation, convention: "wholeMass" } as never }),
    );
    expect(equal.otherConventionNaclG).toBeCloseTo(other.naclG, 9);
    expect(other.otherConventionNaclG).toBeCloseTo(equal.naclG, 9);
    expect(worked(chops({ salt: { mode: "grams", massG: 30 } })).otherConventionNaclG).toBeUndefined();
    expect(worked(timedChops(0.06)).otherConventionNaclG).toBeUndefined();
  });

  test("no less is wanted than the flesh holds, unless the salt is given", () => {
    const held = worked(chops()).flesh.nativeSaltFraction;
    const wanting = (targetFraction: number, salt?: Formulation["salt"]) =>
      chops({ preparation: { ...chops().preparation, targetFraction } as never, ...(salt && { salt }) });
    expect(refused(wanting(held))).toBeDefined();
    expect(refused(wanting(held * 1.01))).toBeUndefined();
    expect(refused(wanting(held / 2, { mode: "grams", massG: 5 }))).toBeUndefined();
  });

  test("sugar by the salt, its water counted where it is poured", () => {
    const sweet = worked(chops({ sugarPerSalt: 0.5, sugarId: "honey" }));
    const honey = findIngredient("honey");
    const line = sweet.lines.find((l) => l.role === "sugar");
    expect(line?.massG).toBeCloseTo(0.5 * sweet.naclG, 9);
    expect(sweet.sugarG).toBeCloseTo((line?.massG ?? NaN) * (honey?.sugarFraction ?? NaN), 9);
    const poured = honey?.poured ? (line?.massG ?? NaN) * honey.waterFraction : 0;
    expect(sweet.waterG).toBeCloseTo(1000 + poured, 3);
  });

  test("what hides is told: wanted, hidden and own", () => {
    const salty = worked(timedChops(0.06, { lines: [perKg("soy_sauce", 50)] }));
    const hiddenG = 50 * (findIngredient("soy_sauce")?.saltFraction ?? NaN);
    expect(salty.dose).toEqual({
      wantedG: expect.closeTo(salty.naclG, 6) as number,
      hiddenG: expect.closeTo(hiddenG, 6) as number,
      ownG: expect.closeTo(salty.naclG - hiddenG, 6) as number,
    });
    const given = worked(
      timedChops(0.06, { salt: { mode: "grams", massG: 60 }, lines: [perKg("soy_sauce", 50)] }),
    );
    expect(given.lines.find((l) => l.role === "salt")?.massG).toBeCloseTo(60, 9);
  });

  test("without water there is no brine", () => {
    expect(refused(chops({ water: { mode: "chosen", massG: 0 } }))).toEqual({
      code: "no_room_for_water",
      waterG: 0,
    });
  });
});

describe("a crust", () => {
  const food = findFood("grey_mullet_whole");
  if (!food) throw new Error("no mullet");
  const crust = (part: object = {}, change: Partial<Formulation> = {}, foodId = food.id): Formulation => {
    const found = findFood(foodId);
    if (!found) throw new Error(foodId);
    const base = withPreparation(chops({ foodId, pieces: piecesOffered(found, 1) }), "crust");
    return {
      ...base,
      ...change,
      preparation: { ...base.preparation, ...part } as Formulation["preparation"],
    };
  };
  const size = { lengthMm: 400, widthMm: 90, heightMm: 60 };
  const packed = findSalt("pickling")?.densityHighGPerMl ?? NaN;

  test("its salt from its shell, egg-shaped or a box, as many as there are pieces", () => {
    const thick = { overMm: 12, underMm: 8 };
    const saltG = (form: string, count: number) => {
      const f = crust({ size, form, ends: "in", saltBy: "geometry" });
      return worked({ ...f, pieces: { ...f.pieces, count, totalMassG: 1000 * count } }).crust?.saltG;
    };
    expect(saltG("ellipsoid", 1)).toBeCloseTo(ellipsoidShellMl(size, thick) * packed, 6);
    expect(saltG("box", 1)).toBeCloseTo(boxShellMl(size, thick) * packed, 6);
    expect(saltG("box", 2)).toBeCloseTo(2 * boxShellMl(size, thick) * packed, 6);
  });

  test("a measured size is measured, a likely one is estimated: a fish four times as long as deep, a root round", () => {
    expect(worked(crust({ size })).crust?.estimated).toBe(false);
    const fish = worked(crust({ form: "ellipsoid", ends: "in" }));
    expect(fish.crust?.estimated).toBe(true);
    const { lengthMm, widthMm } = fish.crust?.food ?? size;
    expect(lengthMm / widthMm).toBeCloseTo(4, 1);
    const root = worked(crust({ form: "ellipsoid", ends: "in" }, {}, "celeriac")).crust?.food ?? size;
    expect(root.lengthMm / root.widthMm).toBeCloseTo(1, 1);
    const box = worked(crust({ form: "box", ends: "in" }));
    expect(box.crust?.food).toEqual({
      lengthMm: box.pieceSize.lengthMm,
      widthMm: box.pieceSize.widthMm,
      heightMm: box.pieceSize.heightMm,
    });
  });

  test("its tray holds it with a margin all about, pieces side by side", () => {
    const tray = (count: number) => {
      const f = crust({ size, ends: "in", saltBy: "geometry", overMm: 12, marginMm: 20 });
      return worked({ ...f, pieces: { ...f.pieces, count, totalMassG: 1000 * count } }).crust?.tray;
    };
    expect(tray(1)).toEqual({ lengthMm: 400 + 64, widthMm: 90 + 24 + 40 });
    expect(tray(3)).toEqual({ lengthMm: 400 + 64, widthMm: 3 * (90 + 24) + 40 });
  });

  test("by the rule, by its shell or as given; how much to the food", () => {
    const of = (saltBy: string, salt?: Formulation["salt"]) =>
      worked(crust({ size, saltBy }, salt && { salt })).crust;
    expect(of("rule")?.saltG).toBeCloseTo(of("geometry")?.ruleG ?? NaN, 9);
    expect(of("geometry")?.saltG).toBeCloseTo(of("rule")?.geometryG ?? NaN, 9);
    const given = { mode: "grams", massG: 1500 } as const;
    expect(of("given", given)?.saltG).toBeCloseTo(1500, 9);
    expect(of("rule", given)?.saltG).toBeCloseTo(of("rule")?.saltG ?? NaN, 9);
    const sheet = worked(crust({ size, saltBy: "rule" }));
    expect(sheet.crust?.ratio).toBeCloseTo((sheet.crust?.saltG ?? NaN) / sheet.foodG, 12);
    expect(sheet.crust?.evenMm).toBeCloseTo(sheet.crust?.ruleEvenMm ?? NaN, 9);
    const even = sheet.crust?.evenMm ?? NaN;
    const food = sheet.crust?.food ?? size;
    expect(ellipsoidShellMl(food, { overMm: even, underMm: even }) * packed).toBeCloseTo(
      sheet.crust?.saltG ?? NaN,
      3,
    );
  });

  test("damped with water, or bound with white that scales with its salt, or with two for the lot", () => {
    const lines = (school: string, bound?: object) =>
      worked(crust({ school, ...(bound && { bound }) })).lines.map((l) => [l.role, l.scalesWith, l.note]);
    expect(lines("water").slice(0, 2)).toEqual([
      ["salt", "surface", "packed damp"],
      ["water", "salt", "in steps, to the squeeze test"],
    ]);
    expect(lines("eggWhite")[1]).toEqual(["egg", "salt", undefined]);
    expect(lines("sparingEggWhite")[1]).toEqual(["egg", "batch", undefined]);
    expect(lines("eggWhite", { waterG: 40, whites: 3 }).slice(1, 3)).toEqual([
      ["water", "salt", "to the squeeze test"],
      ["egg", "salt", undefined],
    ]);
  });

  test("it keeps as its school does, and all of it is more than is to go in", () => {
    expect(worked(crust({ school: "water" })).keep.method).toBe("crustWater");
    expect(worked(crust({ school: "eggWhite" })).keep.method).toBe("crustEgg");
    expect(worked(crust()).excess).toBe(true);
  });

  test("scales or peel lie between; a joint has neither", () => {
    const barrier = (foodId: string, scales: string) => {
      const { contact } = worked(crust({ scales }, {}, foodId));
      return contact.kind === "crust" ? contact.barrierMm : NaN;
    };
    expect([barrier(food.id, "on"), barrier(food.id, "off")]).toEqual([2, 0]);
    expect([barrier("celeriac", "on"), barrier("pork_loin_roast", "on")]).toEqual([10, 0]);
  });

  test("baked at the cook's oven: its first stage's, else its own, else two hundred", () => {
    const at = (cook?: object) => worked(crust({}, { cook: cook as never })).bake?.ovenC;
    const base = { toC: 60, minutes: 45, restMin: 5 };
    expect(at({ ...base, ovenC: 220, stages: [{ ovenC: 190, minutes: 45, cover: "crust" }] })).toBe(190);
    expect(at({ ...base, ovenC: 220 })).toBe(220);
    expect(at(base)).toBe(200);
    expect(at()).toBe(200);
    const later = (restMin: number) =>
      worked(crust({}, { cook: { ...base, toC: 90, restMin } }, "celeriac")).bake?.likelyH ?? NaN;
    expect(later(30)).toBeLessThan(later(5));
    expect(worked(crust({}, { cook: undefined })).bake?.likelyH).toBeCloseTo(
      worked(crust({}, { cook: { toC: food.targetC, minutes: 45, restMin: 5 } })).bake?.likelyH ?? NaN,
      9,
    );
  });

  test("what goes in the cavity or beside it is no salt of the crust", () => {
    const salty = (where: "cavity" | "tray") =>
      worked(crust({}, { lines: [perKg("soy_sauce", 30, { where })] })).naclG;
    const plain = worked(crust({}, { lines: [] })).naclG;
    expect([salty("cavity"), salty("tray")]).toEqual([expect.closeTo(plain, 6), expect.closeTo(plain, 6)]);
  });
});

describe("the sheet", () => {
  test("a liquid stands so high in its vessel; what is dry has no level", () => {
    expect(worked(chops()).level).toBeDefined();
    expect(worked(of("dry")).level).toBeUndefined();
  });

  test("what lay on the food is eaten where a part asks for it, whichever part that is", () => {
    const sauce = { kind: "sauce" as const, name: "", lines: [] };
    const eaten = (...companions: NonNullable<Formulation["companions"]>) =>
      worked(of("marinade", {}, { companions })).leftoverEaten;
    expect(eaten(sauce, { ...sauce, leftover: "boiled" })).toBe(true);
    expect(eaten(sauce)).toBe(false);
    expect(worked(of("marinade", {}, { companions: undefined })).leftoverEaten).toBe(false);
  });

  test("pieces alongside add their own face, and take their room", () => {
    const flat = { ...chops().pieces, shape: "slab" as const };
    const two = worked(chops({ pieces: flat, alongside: [{ count: 2, totalMassG: 500, thicknessMm: 25 }] }));
    const alone = worked(chops({ pieces: flat }));
    // Two pieces of 250 g are as the four of the main lot.
    expect(two.surfaceDm2).toBeCloseTo(1.5 * alone.surfaceDm2, 9);
    expect(alone).not.toHaveProperty("rinseMin");
    expect(worked(timedChops(0.06, { rinse: { minutes: 20 } })).rinseMin).toBe(20);
  });

  test("a piece longer than it can be is refused before anything is worked out", () => {
    expect(refused(chops({ pieces: { ...chops().pieces, lengthMm: 4000 } }))).toBeDefined();
  });
});
