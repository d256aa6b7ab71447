import type { Eater } from "./limits";
import { brine, eater, fires, marinade, told, type Patch } from "./rules.fixture";

/* Who sits at the table, and what of a dish is not for them: each rule with the eater it is for, and without. */

const anyone = eater("anyone");
const table = (...eaters: Eater[]): Patch => ({ kitchen: { eaters } });

describe("what somebody must avoid", () => {
  const nuts = eater("table 2", { avoids: ["tree_nuts", "milk"] });
  const milk = eater("table 5", { avoids: ["milk", "fish"] });
  const holds = (allergens: string[], maybeAllergens: string[] = []) => ({
    facts: { allergens, maybeAllergens },
  });

  test("is named once, in plain words, with everybody who must; what is not in the dish is not named", () => {
    const said = told("allergen", brine, {
      ...holds(["celery", "milk", "tree_nuts"]),
      ...table(nuts, anyone, milk),
    });
    expect(said).toEqual({ who: "table 2, table 5", what: "tree nuts, milk" });
    expect(fires("allergen", brine, { ...holds(["celery"]), ...table(nuts, milk) })).toBe(false);
    expect(fires("allergen", brine, { ...holds([], ["milk"]), ...table(nuts, milk) })).toBe(false);
  });

  test("what some makers add is told to whom it hurts, else as a label to read", () => {
    const maybe = holds([], ["tree_nuts", "gluten"]);
    expect(told("allergen_label", brine, { ...maybe, ...table(nuts) })).toEqual({
      who: "table 2",
      what: "tree nuts",
    });
    expect(fires("read_labels", brine, { ...maybe, ...table(nuts) })).toBe(false);
    expect(told("read_labels", brine, { ...maybe, ...table(milk) })).toEqual({ what: "tree nuts, gluten" });
    expect(told("read_labels", brine, maybe)).toEqual({ what: "tree nuts, gluten" });
    expect(fires("read_labels", brine, holds([]))).toBe(false);
  });
});

test("honey stops a dish for an infant, and is a note to everybody else", () => {
  const baby = eater("the baby", { infant: true });
  const twin = eater("her brother", { infant: true });
  const at = (honey: boolean, ...eaters: Eater[]) => ({ facts: { honey }, ...table(...eaters) });
  expect(told("honey_infant", brine, at(true, anyone, baby, twin))).toEqual({ who: "the baby, her brother" });
  expect([
    fires("honey_infant", brine, at(true, anyone)),
    fires("honey_infant", brine, at(false, baby)),
    fires("honey_note", brine, at(true, anyone)),
    fires("honey_note", brine, at(true)),
    fires("honey_note", brine, at(true, anyone, baby)),
    fires("honey_note", brine, at(false, anyone)),
  ]).toEqual([false, false, true, true, false, false]);
});

test("sodium over what somebody may have: who, and the lowest of their limits; at the limit none", () => {
  const eaters = [eater("table 1", { sodiumMg: 600 }), eater("table 3", { sodiumMg: 500 }), anyone];
  const over = (sodiumMgPerPortion: number, seated = eaters) =>
    told("sodium_eater", brine, { ledger: { sodiumMgPerPortion }, ...table(...seated) });
  expect(over(601)).toEqual({ sodiumMg: 601, who: "table 1, table 3", limitMg: 500 });
  expect(over(600)).toEqual({ sodiumMg: 600, who: "table 3", limitMg: 500 });
  expect([over(500), over(5000, [anyone])]).toEqual([undefined, undefined]);
});

describe("nothing raw or underdone for those at risk", () => {
  const old = eater("table 4", { atRisk: true });
  const baby = eater("the baby", { infant: true });
  const risk = (toC: number, seated: Eater[], more: Patch = {}) =>
    told("at_risk_eater", brine, { food: { safeMinC: 63 }, cook: { toC }, ...table(...seated), ...more });

  test("under the official minimum, not at it", () => {
    expect(risk(62.9, [old, anyone])).toEqual({
      who: "table 4",
      why: "It is cooked to 62.9 °C, under 63 °C",
    });
    expect(risk(62.9, [baby])).toMatchObject({ who: "the baby" });
    expect([risk(63, [old]), risk(64, [old]), risk(40, [anyone]), risk(40, [])]).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
    ]);
  });

  test("raw, whatever the minimum; and nothing to say where food has none", () => {
    const none = { food: { safeMinC: null } };
    expect(risk(70, [old], { input: { servedRaw: true } })).toEqual({
      who: "table 4",
      why: "It is eaten raw",
    });
    expect(risk(40, [old], none)).toBeUndefined();
  });
});

test("alcohol for who takes none, however little", () => {
  const none = eater("table 6", { noAlcohol: true });
  const dish = (grams: number, ...seated: Eater[]) =>
    told("alcohol_eater", marinade, { facts: { alcoholPerPortionG: grams }, ...table(...seated) });
  expect(dish(0.001, anyone, none)).toEqual({ grams: 0.001, who: "table 6" });
  expect([dish(0, none), dish(9, anyone)]).toEqual([undefined, undefined]);
});

test("hotter than somebody eats: the next heat up, not their own", () => {
  const gentle = eater("the small ones", { mostHeat: "mild" });
  const at = (heat: "gentle" | "mild" | "medium" | "fierce", ...seated: Eater[]) =>
    told("too_hot_for", marinade, { facts: { heat }, ...table(...seated) });
  expect(at("medium", anyone, gentle)).toEqual({ heat: "medium", who: "the small ones", most: "mild" });
  expect([at("mild", gentle), at("gentle", gentle), at("fierce", anyone)]).toEqual([
    undefined,
    undefined,
    undefined,
  ]);
});
