import type { Formulation } from "../../formulation";
import { findFood, findSalt } from "../../materials/lookup";
import { boxShellMl, ellipsoidShellMl } from "../../vessel/crust-shell";
import { foodIn, perKg, worked } from "../formulation.fixture";

/* A crust by hand: its shell, its tray, its bake, and what is told of it beside its lines. */

describe("a crust", () => {
  const food = findFood("grey_mullet_whole");
  if (!food) throw new Error("no mullet");
  const crust = (part: object = {}, change: Partial<Formulation> = {}, foodId = food.id): Formulation => {
    const base = foodIn(foodId, "crust");
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
