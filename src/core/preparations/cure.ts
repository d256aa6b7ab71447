import { isSeafood } from "../materials/facts";
import { ANY_FAULTS, FROM_THE_FACE, notGround, type Of, type PreparationDescriptor } from "./descriptor";

const LEAST_SUGAR_PER_SALT = 0.5;

export const cure: PreparationDescriptor<Of<"cure">> = {
  words: {
    name: "short cure",
    kind: "short cure",
    noun: "short cure",
    stands: "in its cure",
    takeOut: "Take it out of the cure",
    choice: { label: "Short cure", note: "salt and sugar, minutes" },
    way: "Short cure",
    place: "Under the cure",
    care: "Seasons and firms only: it keeps no longer than raw. Cold (4 °C or below) throughout.",
    less: "Minutes less, or fresh water after it.",
    more: "Minutes more, or thinner fillets.",
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
