import { chops, worked } from "../formula/formulation.fixture";
import { withPreparation } from "../formula/offer/offered";
import { PREPARATION_CHOICES, type PreparationChoice } from "../preparations";
import { handsToTheHeat } from "./hands";
import { programOf } from "./program";

const of = (choice: PreparationChoice, pullH = 10) => ({ ...withPreparation(chops(), choice), pullH });
const hands = (f: ReturnType<typeof of>) => handsToTheHeat(f, worked(f));

/** The heat, and what is done for it or after it. */
const HEAT = [
  "preheat",
  "sear",
  "cook",
  "tend",
  "probe",
  "ovenOut",
  "rest",
  "beside",
  "serve",
  "stock",
  "store",
];

// A crust is broken after the heat, by an act that others have before it.
const OTHERS = PREPARATION_CHOICES.filter((choice) => choice !== "crust");

test.each(OTHERS)("the hands of a %s are those of its own program, up to the heat", (choice) => {
  const f = of(choice);
  const before = programOf(f, worked(f)).steps.filter((s) => !HEAT.includes(s.kind));
  expect(before.length).toBeGreaterThan(2);
  expect(hands(f)).toBe(before.reduce((sum, s) => sum + s.handsMin, 0));
});

test("dry salt takes fewer hands than a brine; a soak that is turned more takes more", () => {
  expect(hands(of("dry"))).toBeLessThan(hands(of("equilibrium")));
  expect(hands(of("equilibrium", 30))).toBeGreaterThan(hands(of("equilibrium", 6)));
});
