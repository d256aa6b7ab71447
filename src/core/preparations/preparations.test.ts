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
import { newFormulation } from "../formula/offer/defaults";
import { withPreparation } from "../formula/offer/offered";
import { FOODS } from "../materials/lookup";

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
});
