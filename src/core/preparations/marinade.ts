import type { FormulaLine } from "../formulation";
import {
  ANY_FAULTS,
  FROM_THE_FACE,
  notGround,
  offeredLine,
  type Of,
  type PreparationDescriptor,
} from "./descriptor";
import * as words from "@/words/core/preparations/marinade";

const part = (ingredientId: string, parts: number): FormulaLine => ({
  ...offeredLine(ingredientId, 0, "bath"),
  parts,
});

/** The most salt by the weight of the meat offered unasked in a marinade or a paste. *Practice*. */
export const LARGEST_DOSE = 0.03;

export const marinade: PreparationDescriptor<Of<"marinade">> = {
  words: {
    name: words.marinade,
    kind: "marinade",
    noun: words.marinade,
    stands: words.inItsMarinade,
    takeOut: words.takeItOutOfThe,
    choice: { label: words.way, note: words.acidOilAromatics },
    way: words.way,
    place: words.inTheMarinade,
    care: words.inTheFridgeAtOr,
    less: words.lessSaltInItOr,
    more: words.longerThinnerOrMoreSalt,
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
