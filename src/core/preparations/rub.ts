import { ANY_FAULTS, FROM_THE_FACE, offeredLine, type Of, type PreparationDescriptor } from "./descriptor";
import { LARGEST_DOSE } from "./marinade";
import * as words from "@/words/core/preparations/rub";

export const rub: PreparationDescriptor<Of<"rub">> = {
  words: {
    name: words.rub,
    kind: "rub",
    noun: words.rub,
    stands: words.inItsRub,
    takeOut: words.takeItOffTheRack,
    choice: { label: words.way, note: words.groundDry },
    way: words.saltedRub,
    place: words.underTheRub,
    care: words.onARackOverA,
    less: words.lessSaltByTheWeight,
    more: words.longerThinnerOrSaltedThe,
    spots: FROM_THE_FACE,
  },
  kind: "rub",
  lies: "rack",
  enters: "face",
  practice: "rubSalted",
  liquid: false,
  setsAside: false,
  dosed: true,
  sugarBySalt: false,
  rinses: "may",
  stretches: false,
  brined: false,
  settles: { hours: false, strength: false },
  strongest: LARGEST_DOSE,
  fuss: 2,
  faults: [...ANY_FAULTS, "burnt_coat", "fell_off"],
  serves: () => true,
  offered: (targetFraction) => ({ kind: "rub", targetFraction, surface: "moist", insideShare: 0 }),
  // *Practice*: equal spoons of each spice, by their own weight.
  starter: [
    offeredLine("paprika_smoked", 7),
    offeredLine("sugar_brown_light", 5),
    offeredLine("pepper_black_ground", 3),
    offeredLine("garlic_powder", 3),
    offeredLine("onion_powder", 2.5),
    offeredLine("cumin_ground", 2),
  ],
  usualH: { meat: 12 },
  patted: false,
  covered: false,
};
