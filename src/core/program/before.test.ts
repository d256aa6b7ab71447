import { chops, foodIn, perKg } from "../formula/formulation.fixture";
import type { Formulation } from "../formulation";
import { gramsText } from "../quantity/said";
import { beforeSteps } from "./before";
import { dishOf, held, stepIn, timed } from "./program.fixture";

const before = (f: Formulation) => beforeSteps(dishOf(f));
const step = (f: Formulation, id: string) => stepIn(before(f), id);
const ids = (f: Formulation) => before(f).map((s) => s.id);

describe("thawing", () => {
  const frozen = (thaw: "fridge" | "coldWater", massG: number, count = 1) =>
    chops({ pieces: { ...chops().pieces, thaw, totalMassG: massG, count } });

  test("in the fridge by the piece, 24 h for each 4 to 5 lb (USDA FSIS, from memory), with room for it", () => {
    // 4 lb, 1.814 kg: 24 h at the most, four fifths of it at the least.
    const thaw = step(frozen("fridge", 1814.4), "thaw");
    expect(thaw.title).toBe("Into the fridge to thaw, 19 to 24 h");
    expect(timed(thaw)).toMatch(/^thaw at 0, 1152(\.\d+)?\/1440(\.\d+)?\/2160(\.\d+)? min, hands 2$/);
    expect(held(thaw)).toBe("fridge 4");
    expect(thaw.ends.by).toBe("look");
    expect(step(frozen("fridge", 3628.8, 2), "thaw").minutes).toEqual(thaw.minutes);
  });

  test("in cold water half an hour a pound (USDA FSIS, from memory)", () => {
    const thaw = step(frozen("coldWater", 1814.4, 2), "thaw");
    expect(thaw.title).toBe("Into cold water to thaw, 60 min");
    expect(thaw.minutes.likely).toBeCloseTo(60, 1);
    expect(thaw.handsMin).toBe(2);
    expect(thaw.look).toBe("Nothing hard at the middle.");
    expect(thaw.late).toBe("Go on at once: thawed in water it must not stand about.");
  });

  test("nothing that is not frozen is thawed; what thaws in its bath has no step of its own", () => {
    expect(ids(chops())).not.toContain("thaw");
    expect(ids(chops({ pieces: { ...chops().pieces, thaw: "inBrine" } }))).not.toContain("thaw");
  });
});

test("weighed out: one thing by its name and grams, several by their number and what they come to", () => {
  expect(step(foodIn("duck_leg", "dry"), "weigh_out").title).toMatch(/^Weigh out [\d.]+ g pickling salt$/);
  const f = chops();
  const { lines } = dishOf(f).sheet;
  const total = lines.reduce((sum, l) => sum + l.massG, 0);
  expect(step(f, "weigh_out").title).toBe(`Weigh out ${lines.length} things, ${gramsText(total)} g in all`);
  expect(step(f, "weigh_out").figures).toEqual(
    lines.map((l) => ({ what: l.name, value: l.massG, unit: "g" })),
  );
});

describe("a brine is dissolved", () => {
  const salted = (change: Partial<Formulation> = {}) => chops({ pullH: 20, ...change });

  test("hot, on a ring, and chilled with the ice that is part of its water", () => {
    const dissolve = step(salted(), "dissolve");
    expect(dissolve.title).toBe("Dissolve 33 g pickling salt in 480 g hot water");
    expect(held(dissolve)).toBe("ring");
    expect(dissolve.figures.map((f) => f.what)).toEqual(["hot water", "pickling salt"]);
    const chill = step(salted(), "chill_brine");
    expect(chill.title).toBe("Add 520 g ice: the brine to 3 °C");
    expect(chill.figures[0].value + dissolve.figures[0].value).toBeCloseTo(1000, 6);
    expect(chill.figures[1]).toEqual({ what: "brine, cold", value: 3, unit: "°C" });
  });

  test("cold, where none of its water is plain: there is nothing to heat, and no ice in it", () => {
    const dish = dishOf(salted({ sugarPerSalt: 0.5 }));
    const cider = { ...dish.sheet, liquids: { plainG: 0, otherG: 1000 } };
    const steps = beforeSteps({ ...dish, sheet: cider });
    const dissolve = stepIn(steps, "dissolve");
    expect(dissolve.title).toMatch(
      /^Stir 33 g pickling salt and 16.3 g light brown sugar .* into the cold liquid$/,
    );
    expect(held(dissolve)).toBe("");
    expect(dissolve.figures.map((f) => f.unit)).toEqual(["g", "g"]);
    expect(steps.map((s) => s.id)).not.toContain("chill_brine");
  });

  test("sugar with its salt, what scents it in the hot water, other liquid cold with the ice", () => {
    const f = salted({
      sugarPerSalt: 0.5,
      lines: [perKg("bay_dried", 4), perKg("apple_juice", 100), perKg("parsley", 9, { where: "cavity" })],
    });
    const [dissolve, chill] = [step(f, "dissolve"), step(f, "chill_brine")];
    expect(dissolve.title).toMatch(
      /^Dissolve 3[34] g pickling salt and 1[67](\.\d)? g light brown sugar .* in \d+ g hot water, with 4 g bay leaf, dried$/,
    );
    expect(dissolve.figures).toHaveLength(4);
    expect(chill.title).toMatch(/^Add \d+ g ice and 100 g sweet apple cider \/ juice: the brine to 3 °C$/);
    expect(chill.figures).toHaveLength(3);
  });

  test("no colder than its food may lie: a brine that starts warmer is chilled to 4 °C", () => {
    const at = (brineStartC: number) => salted({ holding: { ...chops().holding, brineStartC } });
    expect(step(at(2), "chill_brine").title).toMatch(/the brine to 2 °C$/);
    expect(step(at(9), "chill_brine").title).toMatch(/the brine to 4 °C$/);
  });
});

describe("a crust's salt", () => {
  const crust = (part: object = {}) => {
    const f = foodIn("grey_mullet_whole", "crust");
    return { ...f, preparation: { ...f.preparation, ...part } } as Formulation;
  };

  test("damped by steps: the first water, then so much at a time", () => {
    const { sheet } = dishOf(crust());
    const [first, ...then] = sheet.crust?.waterSteps ?? [];
    const mix = step(crust(), "mix");
    const salt = sheet.lines.find((l) => l.role === "salt");
    expect(mix.title).toBe(
      `Damp ${gramsText(salt?.massG ?? 0)} g salt with ${gramsText(first)} g water, then ${gramsText(then[0])} g at a time, up to ${then.length} times`,
    );
    expect(mix.figures).toEqual([
      { what: "pickling salt", value: salt?.massG, unit: "g" },
      { what: "water, first", value: first, unit: "g" },
    ]);
  });

  test("bound with egg white, each white counted; sparingly one or two for the lot", () => {
    const whites = step(crust({ school: "eggWhite" }), "mix");
    const n = dishOf(crust({ school: "eggWhite" })).sheet.crust?.eggWhites ?? 0;
    expect(whites.title).toMatch(new RegExp(`^Beat ${Math.round(n)} egg whites loose`));
    expect(whites.why).toBe("It sets like plaster and lifts off whole.");
    expect(whites.figures[0]).toEqual({ what: "egg whites", value: Math.round(n), unit: "whites" });
    const sparing = step(crust({ school: "sparingEggWhite" }), "mix");
    expect(sparing.why).toBe("Two for the lot: more sets too hard to open.");
    expect(sparing.title).toMatch(/^Beat 2 egg whites loose, fold into /);
    const one = crust({ school: "sparingEggWhite", bound: { whites: 1, waterG: 40 } });
    expect(step(one, "mix").title).toMatch(/^Beat 1 egg white loose with 40 g water, fold into /);
  });

  test("packed: bed, food, cover, what scents it, head and tail", () => {
    const pack = step(crust(), "pack");
    expect(pack.title).toMatch(
      /^Pack the crust: a bed of 8 mm, the food, 12 mm over it, [\d.]+ g bay leaf, dried over and under$/,
    );
    expect(pack.figures).toEqual([
      { what: "bed", value: 8, unit: "mm" },
      { what: "cover", value: 12, unit: "mm" },
    ]);
    expect(pack.why).toBe("The crust is a vessel.");
    expect(held(pack)).toBe("tray");
    expect(step(crust({ ends: "out" }), "pack").why).toMatch(/^Head and tail stay out/);
    expect(step({ ...crust(), lines: [] }, "pack").title).toBe(
      "Pack the crust: a bed of 8 mm, the food, 12 mm over it",
    );
    expect(ids(chops())).not.toContain("pack");
  });

  test("what scents from within goes into the cavity, and only where something does", () => {
    expect(step(crust(), "cavity").title).toMatch(/^Into the cavity: [\d.]+ g parsley, fresh$/);
    expect(ids({ ...crust(), lines: [] })).not.toContain("cavity");
  });
});

describe("a mixture", () => {
  const lamb = foodIn("lamb_shoulder_butterflied", "marinade");
  const first = { ...lamb, preparation: { ...lamb.preparation, school: "onFoodFirst" } } as Formulation;

  test("wet: its salt goes into the wet part, and its mass is all that is weighed", () => {
    const mix = step(lamb, "mix");
    const all = dishOf(lamb).sheet.lines.reduce((sum, l) => sum + l.massG, 0);
    expect(mix.title).toBe(`Mix the marinade, ${gramsText(all)} g`);
    expect([mix.why, mix.look]).toEqual([
      "Salt first into the wet part, oil last.",
      "No salt on the bottom.",
    ]);
    expect(mix.figures).toEqual([
      { what: "the marinade", value: expect.closeTo(all, 6) as number, unit: "g" },
    ]);
  });

  test("with the salt on the food first it holds none, and the salt is an act with its grams", () => {
    const mix = step(first, "mix");
    const { lines } = dishOf(first).sheet;
    const salt = lines.filter((l) => l.role === "salt").reduce((sum, l) => sum + l.massG, 0);
    const rest = lines.reduce((sum, l) => sum + l.massG, 0) - salt;
    expect(mix.figures[0].value).toBeCloseTo(rest, 6);
    expect([mix.why, mix.look]).toEqual(["No salt in it: that goes on the food.", "One colour throughout."]);
    expect(step(first, "salt_first").title).toBe(`Salt the food first: ${gramsText(salt)} g over every face`);
    expect(step(first, "salt_first").figures).toEqual(
      lines.filter((l) => l.role === "salt").map((l) => ({ what: l.name, value: l.massG, unit: "g" })),
    );
    expect(ids(lamb)).not.toContain("salt_first");
    const paste = foodIn("duck_leg", "paste");
    const pasted = { ...paste, preparation: { ...paste.preparation, school: "onFoodFirst" } } as Formulation;
    expect(ids(pasted)).toContain("salt_first");
    // Another preparation has no such school, whatever its file says.
    const rub = foodIn("beef_short_rib", "rub");
    expect(
      ids({ ...rub, preparation: { ...rub.preparation, school: "onFoodFirst" } as never }),
    ).not.toContain("salt_first");
    const unsalted = { ...first, salt: { mode: "none" as const } };
    expect(ids(unsalted)).not.toContain("salt_first");
  });

  test("a rub is dry: lumps are broken up", () => {
    const mix = step(foodIn("beef_short_rib", "rub"), "mix");
    expect(mix.title).toMatch(/^Mix the rub, [\d.]+ g$/);
    expect([mix.why, mix.look]).toEqual(["Break up lumps.", "One colour throughout."]);
  });

  test.each([
    ["sauce", "sauce"],
    ["glaze", "glaze"],
    ["baste", "basting"],
    ["dressing", "dressing"],
  ] as const)("set aside for a %s before raw food comes near", (use, said) => {
    const f = { ...lamb, reserve: { share: 0.2, use } };
    const massG = (dishOf(f).sheet.mix?.massG ?? 0) * 0.2;
    expect(step(f, "reserve").title).toBe(`Set ${gramsText(massG)} g of it aside for the ${said}`);
    expect(step(f, "reserve").figures).toEqual([{ what: "set aside", value: massG, unit: "g" }]);
    expect(ids(lamb)).not.toContain("reserve");
  });
});

describe("a paste", () => {
  const tofu = foodIn("duck_leg", "paste");

  test("bound by steps, with what binds it", () => {
    const { sheet } = dishOf(tofu);
    const binder = sheet.lines.find((l) => l.role === "binder");
    const mix = step(tofu, "mix");
    expect(mix.title).toBe(
      `Stir the paste; bind it with ${sheet.paste?.steps.map(gramsText).join(", ")} g ${binder?.name}, one after another`,
    );
    expect(mix.figures).toEqual([{ what: binder?.name, value: binder?.massG, unit: "g" }]);
  });

  test("an oil paste without a binder is stirred", () => {
    const dish = dishOf(tofu);
    const sheet = { ...dish.sheet, lines: dish.sheet.lines.filter((l) => l.role !== "binder") };
    const mix = stepIn(beforeSteps({ ...dish, sheet }), "mix");
    expect([mix.title, mix.figures]).toEqual(["Stir the paste", []]);
  });
});
