import { FOODS } from "../materials/lookup";
import { ruleMinutes, tradeRule } from "./trade-minutes";

const food = (id: string) => {
  const found = FOODS.find((f) => f.id === id);
  if (!found) throw new Error(id);
  return found;
};

test.each([
  ["duck_whole", 170, "duck_whole_160"],
  ["pork_loin_roast", 180, "pork_loin_180"],
  ["lamb_shoulder", 160, "lamb_shoulder_150"],
  ["beef_brisket", 140, "beef_brisket_135"],
])("%s at %d °C goes by %s", (id, ovenC, rule) => {
  expect(tradeRule(food(id), ovenC)?.id).toBe(rule);
});

test("what no rule speaks of is left to the thickness", () => {
  expect(tradeRule(food("octopus"), 180)).toBeUndefined();
});

test("a whole duck of 2.4 kg at 160 °C: 60 min a kilogram and 20 (common practice, no source)", () => {
  const rule = tradeRule(food("duck_whole"), 160);
  expect(rule && ruleMinutes(rule, 2400, 60, 160)).toBeCloseTo(164, 5);
});

test("a hotter oven is quicker by the oven table", () => {
  const rule = tradeRule(food("duck_whole"), 160);
  if (!rule) throw new Error("no rule");
  expect(ruleMinutes(rule, 2400, 60, 200)).toBeLessThan(ruleMinutes(rule, 2400, 60, 180));
});
