import { FOODS } from "../materials/lookup";
import { newFormulation } from "../formula/offer/defaults";
import { withPreparation } from "../formula/offer/offered";
import {
  choiceOf,
  described,
  describedKind,
  hasBath,
  isBaked,
  isWet,
  PREPARATION_CHOICES,
  PREPARATION_KINDS,
  PREPARATIONS,
  rinseMinOf,
  wordsBy,
} from ".";

describe("one descriptor a preparation", () => {
  test("each makes a preparation that is told to be its own", () => {
    for (const choice of PREPARATION_CHOICES) {
      const p = PREPARATIONS[choice].offered(0.014);
      expect([p.kind, choiceOf(p), p.targetFraction]).toEqual([PREPARATIONS[choice].kind, choice, 0.014]);
      expect(described(p)).toBe(PREPARATIONS[choice]);
      expect(describedKind(p.kind).kind).toBe(p.kind);
      expect(PREPARATION_KINDS).toContain(p.kind);
    }
    expect(new Set(PREPARATION_KINDS).size).toBe(PREPARATION_CHOICES.length - 1);
  });

  test("no two are called alike, and none is without a word", () => {
    for (const word of ["name", "way"] as const) {
      const words = Object.values(wordsBy((w) => w[word]));
      expect(new Set(words).size).toBe(PREPARATION_CHOICES.length);
    }
    for (const choice of PREPARATION_CHOICES) {
      const { words } = PREPARATIONS[choice];
      const all = [...Object.values(words), ...Object.values(words.choice), ...Object.values(words.spots)];
      for (const word of all.filter((w) => typeof w === "string")) expect(word.length).toBeGreaterThan(2);
    }
  });

  test("where the food lies decides what is asked of it", () => {
    const which = (is: typeof hasBath) =>
      PREPARATION_CHOICES.filter((choice) => is({ preparation: PREPARATIONS[choice].offered(0.014) }));
    expect(which(hasBath)).toEqual(["equilibrium", "timed"]);
    expect(which(isWet)).toEqual(["equilibrium", "timed", "marinade"]);
    expect(which(isBaked)).toEqual(["crust"]);
  });

  test("fresh water takes salt out of what is salted from its face, and of nothing in a crust or injected", () => {
    const rinsed = PREPARATION_CHOICES.filter(
      (choice) =>
        rinseMinOf({ preparation: PREPARATIONS[choice].offered(0.014), rinse: { minutes: 20 } }) === 20,
    );
    expect(rinsed).toEqual(["equilibrium", "timed", "dry", "marinade", "paste", "rub", "cure"]);
    expect(rinseMinOf({ preparation: PREPARATIONS.timed.offered(0.014) })).toBeUndefined();
  });

  test("part of a mixture is set aside, of nothing else", () => {
    const [food] = FOODS;
    const f = { ...newFormulation(food), reserve: { share: 0.3, use: "sauce" as const } };
    for (const choice of PREPARATION_CHOICES)
      expect(withPreparation(f, choice).reserve !== undefined).toBe(["marinade", "paste"].includes(choice));
  });

  test("an act has its figures: rinsed or brushed, inside and out, one face or all, and until what weight", () => {
    const figures = { massG: 412, foodG: 4200, liquidMl: 2500, lines: "1 900 g salt", straight: false };
    const goesIn = (choice: (typeof PREPARATION_CHOICES)[number], change: object = {}) => {
      const p = { ...PREPARATIONS[choice].offered(0.014), ...change };
      return described(p).goesIn(p, figures).title;
    };
    expect(goesIn("timed")).toBe("Submerge it in 2.5 L brine");
    expect(goesIn("dry")).toContain("every face with 412 g");
    expect(goesIn("dry", { salted: "oneFace" })).toContain("the flesh side");
    expect(goesIn("rub", { insideShare: 0.25 })).toContain("103 g of it inside");
    expect(goesIn("rub")).not.toContain("inside");
    expect(goesIn("crust")).toContain("1 900 g salt");
    expect(goesIn("injection")).toBe("Inject 412 g brine, a stab every 20 mm, until it weighs 4 610 g");
    const cure = PREPARATIONS.cure.offered(0.014);
    expect(described(cure).comesOff?.(cure).title).toContain("Rinse");
    expect(described(cure).comesOff?.({ ...cure, finish: "brush" }).title).toContain("Brush");
    const marinade = PREPARATIONS.marinade;
    expect(marinade.goesIn(marinade.offered(0.01), { ...figures, straight: true }).title).toContain(
      "Drizzle",
    );
  });
});
