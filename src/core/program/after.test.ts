import { chops, foodIn, perKg, timedChops } from "../formula/formulation.fixture";
import type { Companion, Cook, Formulation } from "../formulation";
import { afterSteps } from "./after";
import { dishOf, held, stepIn, timed } from "./program.fixture";

const after = (f: Formulation, soakH?: number) => afterSteps(dishOf(f, soakH === undefined ? {} : { soakH }));
const ids = (f: Formulation, soakH?: number) => after(f, soakH).map((s) => s.id);
const step = (f: Formulation, id: string) => stepIn(after(f), id);
const marinated = (change: Partial<Formulation> = {}) =>
  foodIn("duck_leg", "marinade", { pullH: 10, ...change }, 2);

describe("out of the soak", () => {
  test("a brine's meat is patted dry; with skin it stands bare an hour, as long as four where there is time", () => {
    expect(ids(chops())).toEqual(["dry"]);
    expect(step(chops(), "dry").look).toBeUndefined();
    const skin = chops({ pieces: { ...chops().pieces, skin: true } });
    expect(after(skin).map(timed)).toEqual(["dry at 0, 5 min", "air_dry at 0, 60/60/240 min, hands 2"]);
    expect(step(skin, "dry").look).toBe("Skin like paper.");
    expect(held(step(skin, "air_dry"))).toBe("fridge 2 + tray");
    expect(held(step({ ...skin, pieces: { ...skin.pieces, totalMassG: 1001 } }, "air_dry"))).toBe(
      "fridge 3 + tray",
    );
  });

  test("dry salt and coats need no airing, whatever the skin; a paste is not patted off", () => {
    expect(ids(foodIn("duck_leg", "dry"))).toEqual(["dry"]);
    expect(ids(foodIn("duck_leg", "paste"))).toEqual([]);
  });

  test("a marinade is wiped off, unless it is rinsed", () => {
    expect(ids(marinated())).toEqual(["finish", "dry"]);
    expect(step(marinated(), "finish").title).toBe("Wipe it off, leave a thin film");
    expect(timed(step(marinated(), "finish"))).toBe("finish at 0, 5 min");
  });

  test("with no time nothing was wet: straight to the heat", () => {
    expect(ids(marinated(), 0)).toEqual([]);
    expect(ids(foodIn("grey_mullet_whole", "crust"))).toEqual([]);
  });
});

describe("fresh water", () => {
  const rinsed = timedChops(0.06, { pullH: 8, rinse: { minutes: 30 } });

  test("so many minutes, by hand two of them, and what it takes out of surface and whole", () => {
    const rinse = step(rinsed, "finish");
    expect(timed(rinse)).toBe("finish at 0, 30 min, hands 2");
    expect(rinse.title).toBe("Into fresh cold water, 30 min");
    const [surface, surfaceAfter, mean, meanAfter] = rinse.figures.map((f) => f.value);
    const said = (share: number) => share.toFixed(2);
    expect(rinse.why).toBe(
      `It takes the surface from ${said(surface)} to ${said(surfaceAfter)} % salt, and the whole from ${said(mean)} to ${said(meanAfter)} %.`,
    );
    expect(surface).toBeGreaterThan(surfaceAfter);
    expect(mean).toBeGreaterThan(meanAfter);
    // Shares in percent: the surface of a 6 % brine is about as salt as it, the whole a good deal less.
    expect(surface).toBeGreaterThan(3);
    expect(surface).toBeLessThan(7);
    expect(mean).toBeLessThan(surface);
    expect(mean).toBeGreaterThan(0.5);
  });

  test("in place of what would be wiped off", () => {
    const wet = marinated({ rinse: { minutes: 10 } });
    expect(ids(wet)).toEqual(["finish", "dry"]);
    expect(step(wet, "finish").title).toBe("Into fresh cold water, 10 min");
  });
});

describe("what lay on raw food", () => {
  const sauce = (leftover: Companion["leftover"], name = ""): Partial<Formulation> => ({
    companions: [{ kind: "sauce", name, ...(leftover && { leftover }), lines: [] }],
  });

  test("is boiled three minutes for the sauce that is to have it", () => {
    const boil = step(marinated(sauce("boiled", "Pan sauce")), "boil_leftover");
    expect(timed(boil)).toBe("boil_leftover at 0, 8 min");
    expect(boil.title).toBe("Boil what lay on the raw food, 3 min at a rolling boil");
    expect(boil.why).toMatch(/^It goes into the Pan sauce;/);
    expect(held(boil)).toBe("ring");
    expect(step(marinated(sauce("boiled")), "boil_leftover").why).toMatch(/^It goes into the sauce;/);
  });

  test("not where nothing asks for it, and not where there is nothing wet", () => {
    expect(ids(marinated(sauce(undefined)))).not.toContain("boil_leftover");
    expect(ids(marinated(sauce("asIs")))).not.toContain("boil_leftover");
    expect(ids(foodIn("duck_leg", "dry", sauce("boiled")))).not.toContain("boil_leftover");
  });
});

describe("salted once more, coated, drizzled", () => {
  const coat: Companion = { kind: "coat", name: "", lines: [perKg("flour_wheat", 30)] };

  test("the second salting with its grams", () => {
    const f = chops({ secondSaltFraction: 0.002 });
    expect(step(f, "season").title).toMatch(/^Salt the surface once more: 1\.9 g pickling salt$/);
    expect(timed(step(f, "season"))).toBe("season at 0, 3 min");
    expect(ids(chops())).not.toContain("season");
  });

  test("before the heat what goes on then, by its own name or its kind's", () => {
    const [line] = dishOf(chops({ companions: [coat] })).sheet.companions;
    const f = (change: Partial<Companion>) =>
      chops({ companions: [{ ...coat, when: "beforeHeat", ...change }] });
    expect(step(f({}), "coat_1").title).toBe(`Coat it: 30 g ${line.name}`);
    expect(step(f({ name: "Crumb" }), "coat_1").title).toBe(`Crumb: 30 g ${line.name}`);
    expect(step(f({ kind: "drizzle" }), "drizzle_1").title).toMatch(/^Drizzle over it: /);
    expect(step(f({ kind: "salting" }), "salting_1").title).toMatch(/^Salt it: /);
    expect(step(f({}), "coat_1").figures).toEqual([{ what: line.name, value: line.massG, unit: "g" }]);
    expect(ids(f({ when: "atTable" }))).toEqual(["dry"]);
    expect(ids(f({ kind: "sauce" }))).toEqual(["dry"]);
    expect(ids(f({ lines: [] }))).toEqual(["dry"]);
  });

  test("a second of its kind keeps a step of its own", () => {
    const f = chops({
      companions: [
        { ...coat, when: "beforeHeat" },
        { ...coat, when: "beforeHeat" },
      ],
    });
    expect(ids(f)).toEqual(["dry", "coat_1", "coat_2"]);
  });
});

describe("taken apart", () => {
  const parts = [
    { name: "breasts", toC: 66, thicknessMm: 40, share: 0.3 },
    { name: "legs", toC: 85, thicknessMm: 45 },
  ];
  const cook: Cook = { toC: 80, minutes: 150, restMin: 15, apart: true, parts };
  const goose = (change: Partial<Cook> = {}, count = 1) =>
    foodIn("goose_whole", "dry", { pullH: 24, cook: { ...cook, ...change } }, count);

  test("by its parts and their grams, what is left with them", () => {
    const { foodG } = dishOf(goose()).sheet;
    const apart = step(goose(), "apart");
    expect(apart.title).toMatch(/^Take it apart: breasts \([\d ]+ g\), legs$/);
    expect(apart.figures).toEqual([
      { what: "breasts", value: expect.closeTo(foodG * 0.3, 6) as number, unit: "g" },
      { what: "carcass and trimmings", value: expect.closeTo(foodG * 0.7, 6) as number, unit: "g" },
    ]);
  });

  test("ten minutes for each, half an hour at the most", () => {
    expect([1, 2, 3, 4].map((n) => step(goose({}, n), "apart").handsMin)).toEqual([10, 20, 30, 30]);
  });

  test("only by the cook's choice, and of what has parts", () => {
    expect(ids(goose({ apart: false }))).not.toContain("apart");
    expect(ids(goose({ parts: [] }))).not.toContain("apart");
  });
});

test("out of the fridge as long as the cook says, and not at all where nothing is said", () => {
  const f = (temperMin?: number) =>
    chops({ cook: { toC: 63, minutes: 20, restMin: 5, ...(temperMin !== undefined && { temperMin }) } });
  expect(timed(step(f(40), "temper"))).toBe("temper at 0, 40 min, hands 2");
  expect(step(f(40), "temper").title).toBe("Out of the fridge, 40 min");
  expect(step(f(40), "temper").why).toContain("from 3 °C");
  expect(timed(step(f(1), "temper"))).toBe("temper at 0, 1 min");
  expect(ids(f(0))).toEqual(["dry"]);
  expect(ids(f())).toEqual(["dry"]);
});
