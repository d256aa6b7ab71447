import type { FormulaLine } from "../formulation";
import {
  ANY_FAULTS,
  FROM_THE_FACE,
  notGround,
  offeredLine,
  type Of,
  type PreparationDescriptor,
} from "./descriptor";

const part = (ingredientId: string, parts: number): FormulaLine => ({
  ...offeredLine(ingredientId, 0, "bath"),
  parts,
});

/** The most salt by the weight of the meat offered unasked in a marinade or a paste. *Practice*. */
export const LARGEST_DOSE = 0.03;

export const marinade: PreparationDescriptor<Of<"marinade">> = {
  words: {
    name: "marinade",
    kind: "marinade",
    noun: "marinade",
    stands: "in its marinade",
    takeOut: "Take it out of the marinade",
    choice: { label: "Marinade", note: "acid, oil, aromatics" },
    way: "Marinade",
    place: "In the marinade",
    care: "In the fridge at or below 4 °C, close about the food; what lay on raw food is boiled or thrown away.",
    less: "Less salt in it, or out earlier.",
    more: "Longer, thinner, or more salt in it.",
    spots: FROM_THE_FACE,
  },
  kind: "marinade",
  lies: "mixture",
  enters: "face",
  practice: "oilMarinade",
  liquid: true,
  setsAside: true,
  dosed: true,
  sugarBySalt: false,
  rinses: "may",
  stretches: false,
  brined: false,
  settles: { hours: false, strength: false },
  strongest: LARGEST_DOSE,
  fuss: 3,
  faults: [...ANY_FAULTS, "grey_surface", "burnt_coat", "watery_pan"],
  serves: notGround,
  offered: (targetFraction) => ({
    kind: "marinade",
    targetFraction,
    school: "inMixture",
    amount: { mode: "perFood", mlPerKg: 200 },
  }),
  // *Practice*: equal parts juice and oil.
  starter: [
    part("lemon_juice", 1),
    part("olive_oil", 1),
    offeredLine("garlic_clove", 6),
    offeredLine("pepper_black_ground", 1),
    { ...offeredLine("honey", 5), optional: true },
  ],
  usualH: { meat: 4, seafood: 1 / 3 },
  patted: true,
  covered: true,
};
