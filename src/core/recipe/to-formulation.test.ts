import { cookOffered } from "../formula/cook/cook";
import { formulate } from "../formula/formulate";
import { findFood, findSalt } from "../materials/lookup";
import { USUAL_WORDS } from "../quantity/words";
import { againstSums } from "./against-sums";
import { cookSaid } from "./cook-said";
import { readRecipe } from "./read-recipe";
import { recognisePreparation } from "./recognise";
import type { SettledLine, SettledRecipe } from "./settled";
import { formulationFrom } from "./to-formulation";

const OPTIONS = { measures: "us", words: USUAL_WORDS } as const;

/** A recipe as the cook confirmed it, but for what a test is about. */
const settled = (part: Partial<SettledRecipe>): SettledRecipe => ({
  name: "A recipe",
  notes: "",
  foodId: "pork_loin_bonein",
  foodG: 2500,
  count: 1,
  choice: "timed",
  lines: [],
  portions: 8,
  ...part,
});
const salt = (grams: number): SettledLine => ({ kind: "salt", id: "sea_fine", grams, optional: false });
const line = (id: string, grams: number, optional = false): SettledLine => ({
  kind: "ingredient",
  id,
  grams,
  optional,
});

describe("into a formula", () => {
  test("the brine keeps the recipe's strength, its water and its hours", () => {
    const f = formulationFrom(
      settled({
        lines: [salt(240), line("water", 3760), line("sugar_brown_light", 120), line("bay_dried", 0.4, true)],
        pullH: 12,
      }),
    );
    const nacl = 240 * (findSalt("sea_fine")?.naclFraction ?? 0);
    expect(f?.preparation).toMatchObject({
      school: "timed",
      strength: { saltFraction: nacl / (nacl + 3760) },
    });
    // Weighed out again it is what the recipe said.
    const sheet = f && formulate(f);
    const weighed = sheet?.ok ? sheet.value.lines.find((l) => l.role === "salt") : undefined;
    expect(weighed?.massG).toBeCloseTo(240, 2);
    const sugar = sheet?.ok ? sheet.value.lines.find((l) => l.role === "sugar") : undefined;
    expect(sugar?.massG).toBeCloseTo(120, 2);
    expect(f).toMatchObject({ water: { massG: 3760 }, pullH: 12, saltId: "sea_fine" });
    expect(f?.lines[0]).toMatchObject({ ingredientId: "bay_dried", scalesWith: "bath", optional: true });
    expect(f && formulate(f).ok).toBe(true);
  });

  test("a brine that is injected goes in whole, and is weighed out again as it was", () => {
    const f = formulationFrom(
      settled({
        choice: "injection",
        lines: [salt(30), line("water", 210), line("sugar_brown_light", 10)],
        pullH: 8,
      }),
    );
    expect(f?.preparation).toMatchObject({ kind: "injection", pickupFraction: 0.1 });
    expect(f?.lines).toEqual([]);
    const sheet = f && formulate(f);
    if (!sheet?.ok) throw new Error("refused");
    const { lines } = sheet.value;
    const of = (role: string) => lines.find((l) => l.role === role)?.massG;
    expect(of("salt")).toBeCloseTo(30, 6);
    expect(of("sugar")).toBeCloseTo(10, 6);
    expect(of("water")).toBeCloseTo(210, 6);
  });

  test.each([
    ["Inject the cold brine all over, 25 mm apart.", "injection"],
    ["Use an injector, a stab every inch.", "injection"],
    // What the packer did is no method.
    ["Check that it was not injected at the works. Brine it for 12 hours.", "timed"],
  ])("%s", (sentence, choice) => {
    const clues = { saltG: 60, waterG: 2000, sourG: 0, flourG: 0, foodG: 2500, soakH: 12 };
    expect(recognisePreparation({ text: sentence, ...clues }).choice).toBe(choice);
  });

  test("a rub's salt stays to the gram, and its lines follow the food", () => {
    const f = formulationFrom(
      settled({
        foodId: "beef_short_rib",
        foodG: 2000,
        count: 6,
        choice: "rub",
        lines: [salt(20), line("paprika", 14)],
      }),
    );
    expect(f?.salt).toEqual({ mode: "grams", massG: 20 });
    expect(f?.lines).toEqual([
      { ingredientId: "paprika", amountG: 7, scalesWith: "foodMass", optional: false },
    ]);
    expect(f && formulate(f).ok).toBe(true);
  });

  test.each(["equilibrium", "timed", "dry", "marinade", "paste", "rub", "cure"] as const)(
    "confirmed for a %s, every gram is weighed out as confirmed",
    (choice) => {
      const bath = choice === "equilibrium" || choice === "timed";
      const said = [
        salt(8.4),
        line("soy_sauce", 18),
        line("sugar_brown_light", 12),
        line("lemon_juice", 60),
        line("garlic_clove", 20),
        { ...line("flaky_finishing", 3), kind: "salt" as const },
        ...(bath ? [line("water", 2600)] : []),
      ];
      const f = formulationFrom(
        settled({ foodId: "goat_leg", foodG: 1600, count: 1, choice, lines: said, pullH: 6 }),
      );
      const sheet = f && formulate(f);
      if (!sheet?.ok) throw new Error("no sheet");
      const weighed = sheet.value.lines;
      for (const { id, grams } of said)
        expect([id, weighed.find((l) => l.id === id)?.massG]).toEqual([id, expect.closeTo(grams, 6)]);
    },
  );

  test("a recipe that names no salt stays without", () => {
    const f = formulationFrom(settled({ choice: "marinade", lines: [line("olive_oil", 60)] }));
    expect(f?.salt).toEqual({ mode: "none" });
    const sheet = f && formulate(f);
    // Olive oil holds a trace of its own.
    expect(sheet?.ok && sheet.value.naclG).toBeLessThan(0.01);
  });

  test("a soak outside its window and a core under the official minimum are shown", () => {
    const read = readRecipe(
      "Duck legs\n1.2 kg duck legs\n2 l water\n120 g salt\nBrine for 20 minutes. Roast until the core reads 60 °C.",
      OPTIONS,
    );
    const f = formulationFrom(
      settled({
        foodId: "duck_leg",
        foodG: 1200,
        count: 4,

        lines: [salt(120), line("water", 2000)],
      }),
    );
    const sheet = f && formulate(f);
    if (!sheet?.ok) throw new Error("no sheet");
    const ids = againstSums(sheet.value, read.soak, read.method.cores).map((c) => c.id);
    expect(ids).toEqual(["soak_short", "core_low"]);
  });

  test("a cook in two stages keeps both ovens", () => {
    const { method } = readRecipe(
      "Roast\n1 kg duck legs\n10 g salt\nRoast at 220 °C for 20 minutes. Reduce the oven to 160 °C and roast for 60 minutes. Rest 10 minutes.",
      OPTIONS,
    );
    const duck = findFood("duck_leg");
    if (!duck) throw new Error("food");
    expect(
      cookSaid(method, cookOffered(duck, { count: 1, totalMassG: duck.pieceMassG, thicknessMm: 30 })),
    ).toMatchObject({
      restMin: 10,
      stages: [
        { ovenC: 220, minutes: 20 },
        { ovenC: 160, minutes: 60 },
      ],
    });
  });
});
