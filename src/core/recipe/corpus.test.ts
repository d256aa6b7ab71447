import { weighOut } from "../formula/formulate";
import { companionLines } from "../formula/weigh/companions";
import { USUAL_WORDS } from "../quantity/words";
import { readRecipe } from "./read-recipe";
import given from "./recipes-given.json";
import own from "./recipes-own.json";
import { scored, type Expected } from "./score.fixture";
import { factsOf, formulationOfRead, linesAsRead } from "./settle";
import { summaryOf } from "./summary";

interface Entry {
  id: string;
  text: string;
  expected: Expected;
}

const scoresOf = (entries: readonly Entry[]) =>
  scored(
    entries.map(({ id, text, expected }) => ({
      id,
      expected,
      reading: summaryOf(readRecipe(text, { measures: "us", words: USUAL_WORDS })),
    })),
  );

test.each([
  ["the twenty that were given", given as unknown as Entry[]],
  ["our own, in other voices", own as unknown as Entry[]],
])("%s are read as an attentive reader reads them", (_, entries) => {
  const { missed, ...scores } = scoresOf(entries);
  // What is missed is printed with the scores when one of them falls.
  expect({ scores, missed }).toEqual({
    missed,
    scores: {
      food: expect.closeTo(100, -0.7) as number,
      lines: expect.closeTo(100, -0.3) as number,
      grams: expect.closeTo(100, -0.7) as number,
      ids: expect.closeTo(100, -0.7) as number,
      method: expect.closeTo(100, -0.7) as number,
      findings: expect.closeTo(100, -1) as number,
      falseAlarms: expect.closeTo(0, 1) as number,
    },
  });
});

test.each([
  [
    "a table's rule and head are no lines",
    "A\n| x | y |\n|---|---|\n| Duck legs | 1.2 kg |\n| Salt | 14 g |",
    2,
  ],
  [
    "a letter's heads are no lines",
    "From: me\nTo: you\nSubject: duck\n1.2 kg duck legs\n14 g salt\n2 g thyme",
    3,
  ],
])("%s", (_, text, lines) => {
  expect(readRecipe(text, { measures: "us", words: USUAL_WORDS }).lines).toHaveLength(lines);
});

test("what was weighed is read, what was spooned is converted, what has no amount is missing", () => {
  const read = summaryOf(
    readRecipe("Duck\n1.2 kg duck legs\n14 g fine salt\n1 tsp thyme\nbay leaves", {
      measures: "us",
      words: USUAL_WORDS,
    }),
  );
  expect(read.lines.map((l) => l.how)).toEqual(["read", "read", "converted", "missing"]);
});

test.each(
  [...(given as unknown as Entry[]), ...(own as unknown as Entry[])].map(
    ({ id, text }) => [id, text] as const,
  ),
)("%s: what was confirmed is weighed to the gram, and nothing beside it", (_, text) => {
  const read = readRecipe(text, { measures: "us", words: USUAL_WORDS });
  const lines = linesAsRead(read);
  const { formulation } = formulationOfRead(read, factsOf(read), lines);
  // A food the tables lack is chosen by the cook first.
  if (!formulation) return expect(read.foods).toEqual([]);
  const weighed = weighOut(formulation);
  if (!weighed.ok) throw new Error(weighed.error.code);
  const { p, c } = weighed.value;
  const sheet = gramsBy([...p.lines, ...companionLines(formulation, c)].map((l) => [l.id, l.massG]));
  const confirmed = gramsBy(lines.map((l) => [l.id, l.grams]));
  // A crust of which no water is said is damped as the school counts it.
  if (p.crust && !confirmed.has("water")) sheet.delete("water");
  expect([...sheet.keys()].sort()).toEqual([...confirmed.keys()].sort());
  for (const [id, grams] of confirmed) expect(Math.abs((sheet.get(id) ?? 0) - grams)).toBeLessThan(0.05);
});

/** Grams of each thing, all its lines together; ice is water. */
function gramsBy(lines: readonly (readonly [id: string, grams: number])[]): Map<string, number> {
  const all = new Map<string, number>();
  for (const [id, grams] of lines) {
    const of = id === "ice_crushed" ? "water" : id;
    if (grams > 0) all.set(of, (all.get(of) ?? 0) + grams);
  }
  return all;
}

test("nothing typed can stop it: a hundred thousand of anything is read in bounded work", () => {
  for (const word of [
    "1 h ",
    "[",
    "180 ",
    "half a ",
    "juice of ",
    "1/2 ",
    "not rinse ",
    "oven at ",
    "(",
    "good ",
    "1 cup ",
  ]) {
    const text = word.repeat(Math.floor(100_000 / word.length));
    expect(() => readRecipe(text, { measures: "metric", words: USUAL_WORDS })).not.toThrow();
  }
});
