import { USUAL_WORDS } from "../quantity/words";
import { joinedToAbove, reworded } from "./by-hand";
import { howOfFood } from "./how";
import { leftBehind } from "./left-behind";
import type { LooseRecipe } from "./loose";
import { markedText, wordsOf } from "./marked";
import { readLoose, readRecipe } from "./read-recipe";
import { foodLineOf, linesAsRead } from "./settle";

const OPTIONS = { measures: "metric", words: USUAL_WORDS } as const;
const recipe = (...ingredients: string[]): LooseRecipe => ({
  name: "Duck",
  ingredients,
  method: [],
  serves: null,
  stated: [],
});

describe("lines mended by hand", () => {
  const three = recipe("1 kg duck legs", "3 g pepper and 2 g thyme", "14 g fine salt");

  test("each row of the new words is a line; those behind move on", () => {
    const { recipe: mended, movedTo } = reworded(three, 1, " 3 g pepper \n\n 2 g thyme");
    expect(mended.ingredients).toEqual(["1 kg duck legs", "3 g pepper", "2 g thyme", "14 g fine salt"]);
    expect([0, 1, 2].map(movedTo)).toEqual([0, undefined, 3]);
  });

  test("without words the line is gone, and those behind move up", () => {
    const { recipe: mended, movedTo } = reworded(three, 0, "\n");
    expect(mended.ingredients).toEqual(["3 g pepper and 2 g thyme", "14 g fine salt"]);
    expect([0, 1, 2].map(movedTo)).toEqual([undefined, 0, 1]);
  });

  test("a broken line is joined to the one above; the first has none", () => {
    const broken = recipe("1 kg duck", "legs", "14 g fine salt");
    const { recipe: mended, movedTo } = joinedToAbove(broken, 1);
    expect(mended.ingredients).toEqual(["1 kg duck legs", "14 g fine salt"]);
    expect([0, 1, 2].map(movedTo)).toEqual([undefined, undefined, 1]);
    expect(joinedToAbove(broken, 0)).toMatchObject({ recipe: broken });
    expect([0, 1].map(joinedToAbove(broken, 0).movedTo)).toEqual([0, 1]);
  });

  test("read anew in the same measures, what was mended has its grams", () => {
    const first = readRecipe("Duck\n1 kg duck legs\n3 g pepper and 2 g thyme\n14 g fine salt", OPTIONS);
    const { recipe: mended } = reworded(first.recipe, 1, "3 g pepper\n2 g thyme");
    const again = readLoose(mended, first, OPTIONS);
    expect(again.lines.map((l) => l.grams?.grams)).toEqual([undefined, 3, 2, 14]);
    expect(again.dialect).toEqual(first.dialect);
  });
});

describe("where it was read", () => {
  const TEXT =
    "Duck\n\n- **1 kg** duck legs\n- 14 g  fine salt\n\nLeave overnight in the fridge. Roast at 160 °C for 90 minutes until 82 °C.";
  const read = readRecipe(TEXT, OPTIONS);
  const pieces = markedText(wordsOf(TEXT, read), read);

  test("put together again the words are those that were pasted", () => {
    expect(pieces.map((p) => p.text).join("")).toBe(TEXT);
  });
  test("each line is marked through its marks and blanks, with its index", () => {
    expect(pieces.filter((p) => p.line !== undefined).map((p) => [p.line, p.text])).toEqual([
      [0, "1 kg** duck legs"],
      [1, "14 g  fine salt"],
    ]);
  });
  test("times, ovens and cores of the method are marked", () => {
    expect(pieces.filter((p) => p.figure).map((p) => p.text)).toEqual([
      "overnight",
      "160 °C",
      "90 minutes",
      "82 °C",
    ]);
  });
  test("the same words twice are marked where each stands", () => {
    const twice = "Duck\n1 kg duck legs\n5 g fine salt\n2 g thyme\n5 g fine salt";
    const both = readRecipe(twice, OPTIONS);
    const marked = markedText(twice, both).filter((p) => p.line !== undefined);
    expect(marked.map((p) => p.line)).toEqual([0, 1, 2, 3]);
  });
  test("of a page's own data the lines stand one under another", () => {
    const data = JSON.stringify({
      "@context": "https://schema.org",
      "@type": "Recipe",
      name: "Duck",
      recipeIngredient: ["1 kg duck legs", "14 g fine salt", "2 g thyme"],
      recipeInstructions: ["Leave overnight in the fridge."],
    });
    const page = readRecipe(data, OPTIONS);
    expect(wordsOf(data, page)).toBe(
      "Duck\n\n1 kg duck legs\n14 g fine salt\n2 g thyme\n\nLeave overnight in the fridge.",
    );
  });
});

describe("what does not go along is told", () => {
  const told = (text: string, out: string[] = []) => {
    const read = readRecipe(text, OPTIONS);
    const food = foodLineOf(read);
    return leftBehind(
      read,
      read.lines.map((line) => ({ line, out: out.includes(line.text), isFood: line === food })),
      linesAsRead(read),
    ).map(({ why, words }) => [why, words]);
  };
  const BASE = "Duck\n1 kg duck legs\n14 g fine salt\n2 g thyme\n";

  test("of a plain recipe nothing", () => {
    expect(told(`${BASE}Leave overnight in the fridge. Roast at 160 °C for 90 minutes until 82 °C.`)).toEqual(
      [],
    );
  });
  test("what is put aside, and what the cook leaves out", () => {
    expect(told(`${BASE}60 ml lemon juice, reserved`, ["2 g thyme"])).toEqual([
      ["setAside", "60 ml lemon juice, reserved"],
      ["leftOut", "2 g thyme"],
    ]);
  });
  test("ice of a brine is water; in anything else it is ice", () => {
    expect(told("Duck\n1 kg duck legs\n60 g fine salt\n800 g water\n200 g ice")).toEqual([
      ["iceIsWater", "200 g ice"],
    ]);
    expect(told("Duck\n1 kg duck legs\n60 g fine salt\n200 g ice")).toEqual([]);
  });
  test("a soak in the room", () => {
    expect(told(`${BASE}Leave on the worktop for 3 hours.`)).toEqual([
      ["standsWarm", "Leave on the worktop for 3 hours."],
    ]);
  });
  test("a second core, more than three degrees from the first", () => {
    const cores = (second: number) =>
      told(`${BASE}Roast at 160 °C until 70 °C inside. Rest until ${second} °C inside.`).map(([why]) => why);
    expect(cores(73)).toEqual([]);
    expect(cores(74)).toEqual(["secondCore"]);
  });
});

test.each([
  ["1.2 kg duck legs", "read"],
  ["Duck legs, 4, about 300 g each", "read"],
  ["4 duck legs", "guessed"],
  ["duck legs", "missing"],
])("the food's weight: %s is %s", (line, how) => {
  expect(howOfFood(readRecipe(`Legs\n${line}\n14 g fine salt\n2 g thyme`, OPTIONS))).toBe(how);
});
