import type { Companion, FormulaLine } from "../../formulation";
import { chops, perKg as line, worked } from "../formulation.fixture";
import { withChilliHeat } from "./chilli-heat";
import { dishFacts, HEATS, heatName } from "./dish-facts";

const sauce = (lines: FormulaLine[]): Companion => ({ kind: "sauce", name: "", lines });
const hot = chops({
  lines: [line("chilli_red_long", 4), line("butter_salted", 10)],
  companions: [sauce([line("chilli_birdseye", 1), line("soy_sauce", 5)])],
});
const facts = (f: typeof hot) => dishFacts(f, worked(f));

test("the dial turns every chilli by one factor, beside the food too, and leaves the rest", () => {
  const now = facts(hot).heatUnits;
  const turned = withChilliHeat(hot, worked(hot), now * 3);
  expect(turned.lines.map((l) => l.amountG)).toEqual([expect.closeTo(12, 9), 10]);
  expect(turned.companions?.[0].lines.map((l) => l.amountG)).toEqual([expect.closeTo(3, 9), 5]);
  expect(facts(turned).heatUnits).toBeCloseTo(now * 3, 6);
  expect(withChilliHeat(hot, worked(hot), 0).lines[0].amountG).toBe(0);
});

test("nothing is hot where there is nothing hot, with or without parts beside it", () => {
  const mild = chops({ lines: [line("butter_salted", 10)] });
  expect(withChilliHeat(mild, worked(mild), 100)).toBe(mild);
  const alone = { ...hot, companions: undefined };
  expect(withChilliHeat(alone, worked(alone), 50).companions).toBeUndefined();
});

test("a heat's name changes at its limit, not before", () => {
  const names = HEATS.map(({ upTo }) =>
    upTo === Infinity ? undefined : [heatName(upTo - 0.01), heatName(upTo)],
  );
  expect(names.filter(Boolean)).toEqual([
    ["none", "gentle"],
    ["gentle", "mild"],
    ["mild", "medium"],
    ["medium", "hot"],
    ["hot", "fierce"],
  ]);
});

test("facts are summed over lines and parts: allergens each once and sorted, alcohol by the portion", () => {
  const f = chops({ portions: 4, lines: [line("soy_sauce", 20), line("butter_salted", 10)] });
  const { allergens, maybeAllergens } = facts(f);
  expect(allergens).toEqual([...new Set(allergens)].sort());
  expect(allergens).toEqual(expect.arrayContaining(["milk", "soybeans"]));
  for (const maybe of maybeAllergens) expect(allergens).not.toContain(maybe);
  expect(facts({ ...f, portions: 2 }).alcoholPerPortionG).toBeCloseTo(2 * facts(f).alcoholPerPortionG, 9);
});
