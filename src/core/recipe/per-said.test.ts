import { USUAL_WORDS } from "../quantity/words";
import { perSaid, timesTaken } from "./per-said";
import { readRecipe } from "./read-recipe";

test.each<[string, { of: string; grams: number } | undefined]>([
  ["2 tsp salt per pound of meat", { of: "food", grams: 453.59237 }],
  ["2 tsp salt for every pound", { of: "food", grams: 453.59237 }],
  ["15 g salt per kg", { of: "food", grams: 1000 }],
  ["15 g salt to the kilo", { of: "food", grams: 1000 }],
  ["1.5 g pepper per 100 g", { of: "food", grams: 100 }],
  ["60 g salt per litre", { of: "water", grams: 1000 }],
  ["60 g salt to every litre of water", { of: "water", grams: 1000 }],
  ["1 cup salt per gallon", { of: "water", grams: 3785 }],
  ["4 duck legs, 300 g each", undefined],
  ["2 blocks tofu, each 400 g", undefined],
  ["salt, as per taste", undefined],
  ["1 kg duck legs", undefined],
])("%s", (line, said) => {
  const per = perSaid(line);
  expect(per && { of: per.of, grams: per.grams }).toEqual(said);
});

test("so often as the food or the water has it; once where the whole is meant", () => {
  expect(timesTaken({ of: "food", grams: 500, text: "" }, 1500, 4000)).toBe(3);
  expect(timesTaken({ of: "water", grams: 500, text: "" }, 1500, 4000)).toBe(8);
  expect(timesTaken(undefined, 1500, 4000)).toBe(1);
});

test("a salt by the kilo and one by the litre come to what this food and this water take", () => {
  const read = (salt: string) =>
    readRecipe(`Duck\n2 kg duck legs\n3 litres water\n${salt}\n2 g thyme`, {
      measures: "metric",
      words: USUAL_WORDS,
    }).lines[2];
  expect(read("15 g fine sea salt per kg").grams?.grams).toBeCloseTo(30, 6);
  expect(read("60 g fine sea salt to the litre").grams?.grams).toBeCloseTo(179.7, 0);
  expect(read("15 g fine sea salt per kg")).toMatchObject({
    text: "15 g fine sea salt per kg",
    chosen: { id: "sea_fine" },
  });
});
