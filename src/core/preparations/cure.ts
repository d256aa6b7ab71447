import { isSeafood } from "../materials/facts";
import { ANY_FAULTS, FROM_THE_FACE, notGround, type Of, type PreparationDescriptor } from "./descriptor";
import * as words from "@/words/core/preparations/cure";

const LEAST_SUGAR_PER_SALT = 0.5;

export const cure: PreparationDescriptor<Of<"cure">> = {
  words: {
    name: words.shortCure,
    kind: words.shortCure,
    noun: words.shortCure,
    stands: words.inItsCure,
    takeOut: words.takeItOutOfThe,
    choice: { label: words.way, note: words.saltAndSugarMinutes },
    way: words.way,
    place: words.underTheCure,
    care: words.seasonsAndFirmsOnlyIt,
    less: words.minutesLessOrFreshWater,
    more: words.minutesMoreOrThinnerFillets,
    spots: FROM_THE_FACE,
  },
  kind: "cure",
  lies: "rack",
  enters: "face",
  practice: "cure",
  liquid: false,
  setsAside: false,
  dosed: false,
  sugarBySalt: true,
  rinses: "may",
  stretches: false,
  brined: false,
  settles: { hours: false, strength: false },
  fuss: 2,
  faults: [...ANY_FAULTS, "grey_surface"],
  serves: (food) => notGround(food) && isSeafood(food),
  offered: (targetFraction) => ({ kind: "cure", targetFraction, doseFraction: 0.06, finish: "rinse" }),
  starter: [],
  usualH: { meat: 0.5 },
  patted: true,
  covered: true,
  brings: (f) => ({ sugarPerSalt: Math.max(f.sugarPerSalt, LEAST_SUGAR_PER_SALT) }),
};
