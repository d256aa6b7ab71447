import fc from "fast-check";
import { inflateRawSync } from "node:zlib";
import { outcomeAt } from "../formula/account/outcome";
import { chops, worked } from "../formula/formulation.fixture";
import { withPreparation } from "../formula/offer/offered";
import { PREPARATION_CHOICES } from "../preparations";
import { programOf } from "../program/program";
import { describeFormulation } from "./describe";
import { carriedFormula, formulaBlock, formulaDataUrl, formulaFile } from "./formula-file";
import { markdownOf } from "./markdown-out";
import { ingredientsOf, isoDuration, recipeOf } from "./recipe-out";
import { FRAGMENT_MOST, fragmentOf, textInFragment } from "./share";

const json = fc.jsonValue({ maxDepth: 3 });

describe("a link that carries its text", () => {
  test("any object comes out of its own fragment as it went in, alone or behind an address", () =>
    fc.assert(
      fc.property(json, (value) => {
        const fragment = fragmentOf({ value });
        const text = JSON.stringify({ value });
        fc.pre(fragment.length < FRAGMENT_MOST);
        expect(textInFragment(`http://kitchen.local:3000/open#${fragment}`)).toBe(text);
        expect(textInFragment(`#${fragment}`)).toBe(text);
      }),
    ));

  test("it is plain deflate in base64url (RFC 1951, RFC 4648), which another program unpacks", () => {
    const fragment = fragmentOf(formulaFile(chops()));
    expect(fragment).toMatch(/^f=[\w-]+$/);
    const packed = Buffer.from(fragment.slice(2), "base64url");
    expect(JSON.parse(inflateRawSync(packed).toString("utf8"))).toEqual(formulaFile(chops()));
  });

  test("cut short, lengthened or with a letter changed, it is another text or none, and nothing breaks", () =>
    fc.assert(
      fc.property(fc.nat(), fc.constantFrom("cut", "A", "=", "%", " x"), (at, how) => {
        const whole = `#${fragmentOf(formulaFile(chops()))}`;
        const place = 3 + (at % (whole.length - 3));
        const spoiled =
          how === "cut" ? whole.slice(0, place) : whole.slice(0, place) + how + whole.slice(place);
        expect(["string", "undefined"]).toContain(typeof textInFragment(spoiled));
      }),
    ));
});

describe("a formula within another text", () => {
  const file = formulaFile(chops({ notes: "it’s ½ “as is” 'so' & <b>" }), ["Saturday"]);

  test.each([
    ["its own file", JSON.stringify(file, null, 2)],
    ["a page", `<p>Ours</p><a href='${formulaDataUrl(file)}'>the formula</a>`],
    ["a page with double quotes", `<a href="${formulaDataUrl(file)}">the formula</a>`],
    ["Markdown", `# Chops\n\nCold hands.\n\n${formulaBlock(file)}\n\nMore.`],
    ["Markdown of another machine", `# Chops\r\n\r\n${formulaBlock(file).replaceAll("\n", "\r\n")}\r\n`],
    ["a link in a message", `Look: http://kitchen.local/open#${fragmentOf(file)}`],
  ])("%s", (_, text) => expect(carriedFormula(text)).toEqual(file));

  test.each([
    "",
    "{}",
    "[]",
    "null",
    '{"format":"other"}',
    "data:application/vnd.iron-crock.formula+json,%E0%A4%A",
  ])("“%s” carries none", (text) => expect(carriedFormula(text)).toBeUndefined());
});

describe("a recipe for others", () => {
  const kinds = PREPARATION_CHOICES.map((choice) => ({ choice, f: withPreparation(chops(), choice) }));

  test.each(kinds)("$choice: the food and all that is weighed out, in steps with their places", ({ f }) => {
    const sheet = worked(f);
    const recipe = recipeOf(f, sheet, ["Saturday", "oven"]);
    expect(recipe.recipeIngredient).toEqual(ingredientsOf(f, sheet));
    expect(recipe.recipeIngredient).toHaveLength(1 + sheet.lines.length + sheet.companions.length);
    const steps = recipe.recipeInstructions.flatMap((section) => section.itemListElement);
    steps.forEach((step, i) => {
      expect(step.position).toBe(i + 1);
      const [direction, tip] = step.itemListElement;
      expect(direction).toMatchObject({ "@type": "HowToDirection", text: step.text });
      if (tip) expect(tip["@type"]).toBe("HowToTip");
    });
    // The soak stands in it, with its hours: the longest thing there is.
    if (f.preparation.kind !== "saltCrust")
      expect(JSON.stringify(steps)).toContain(`"performTime":"${isoDuration(f.pullH * 60)}"`);
    expect(recipe.image).toMatch(/^data:image\/svg\+xml,%3Csvg/);
    const { ledger } = outcomeAt(sheet, f.pullH, f.portions);
    expect(recipe.nutrition.sodiumContent).toBe(`${Math.round(ledger.sodiumMgPerPortion)} mg`);
    expect(recipe.keywords).toBe("Saturday, oven");
    for (const time of [recipe.prepTime, recipe.cookTime, recipe.totalTime])
      expect(time).toMatch(/^P(?:\d+D)?(?:T(?:\d+H)?(?:\d+M)?)?$/);
  });

  test.each(kinds)(
    "$choice: Markdown has a line for each that is weighed, and no name breaks it",
    ({ f }) => {
      const named = { ...f, name: "A | name # of `mine` [x](y)" };
      const sheet = worked(named);
      const text = markdownOf(named, sheet, "us");
      const weighed = text.split("## Weigh out")[1].split("## Method")[0];
      expect(weighed.match(/^- /gm)).toHaveLength(1 + sheet.lines.length + sheet.companions.length);
      expect(text.split("\n")[0]).toBe("# A \\| name \\# of \\`mine\\` \\[x\\](y)");
    },
  );

  test("it ends at the table: what is chilled afterwards keeps nobody waiting", () => {
    const f = withPreparation(chops(), "dry");
    const { steps, tableMin } = programOf(f, worked(f));
    expect(Math.max(...steps.map((s) => s.atMin))).toBeGreaterThan(tableMin);
    const first = Math.min(...steps.map((s) => s.atMin));
    expect(recipeOf(f, worked(f)).totalTime).toBe(isoDuration(tableMin - first));
  });

  test("amounts stand in grams with this kitchen's spoons beside them", () => {
    const f = withPreparation(chops(), "dry");
    const [, metric] = ingredientsOf(f, worked(f), "metric");
    const [, us] = ingredientsOf(f, worked(f), "us");
    expect(metric).toMatch(/^\d+(?:\.\d)? g .* \(.*(?:tbsp|tsp).*\)$/);
    expect(us.split(" (")[0]).toBe(metric.split(" (")[0]);
  });

  test.each([
    [0, "PT0M"],
    [45, "PT45M"],
    [59.7, "PT1H"],
    [90, "PT1H30M"],
    [1440, "P1D"],
    [2 * 1440 + 61, "P2DT1H1M"],
  ])("%d minutes are %s (ISO 8601-1, 5.5.2)", (minutes, text) => expect(isoDuration(minutes)).toBe(text));
});

describe("a formulation in lines of text", () => {
  test("figures with their units, names for ids", () => {
    const lines = describeFormulation(
      chops({ lines: [{ ingredientId: "juniper", amountG: 4, scalesWith: "bath", optional: true }] }),
    );
    expect(lines).toEqual(
      expect.arrayContaining([
        "preparation: equilibrium brine",
        "food: pork loin chop, boneless",
        "pieces, weight in all: 1000 g",
        "pieces, thickest part: 25 mm",
        "line 1, ingredient: juniper berries",
        "line 1, optional: yes",
      ]),
    );
  });

  test("what goes in by the needle, what runs out of it and how close the stabs are have their names", () => {
    expect(describeFormulation(withPreparation(chops(), "injection"))).toEqual(
      expect.arrayContaining([
        "preparation: injected brine",
        "preparation, brine, of its weight: 10 %",
        "preparation, of it, runs out again: 20 %",
        "preparation, a stab every: 20 mm",
      ]),
    );
  });

  test("no id of a table is left in them, and no figure of binary arithmetic", () => {
    const lines = describeFormulation(
      chops({ preparation: { ...chops().preparation, targetFraction: 0.1 + 0.2 } }),
    );
    expect(lines.join("\n")).toContain("salt wanted in the flesh: 30 %");
    expect(lines.join("\n")).not.toMatch(/pork_chop|0000000/);
  });
});
