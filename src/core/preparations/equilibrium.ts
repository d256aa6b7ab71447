import { ANY_FAULTS, FROM_THE_FACE, notGround, type Of, type PreparationDescriptor } from "./descriptor";
import * as words from "@/words/core/preparations/equilibrium";

/** What both schools of a wet brine have in common. */
export const WET = {
  kind: "wetBrine",
  lies: "bath",
  enters: "face",
  practice: "wet",
  liquid: true,
  setsAside: false,
  dosed: false,
  sugarBySalt: true,
  rinses: "often",
  stretches: true,
  brined: true,
  faults: [...ANY_FAULTS, "ham_like", "rubbery_skin", "watery_pan"],
  serves: notGround,
  starter: [],
  patted: true,
  covered: true,
} as const satisfies Partial<PreparationDescriptor>;

export const WET_WORDS = {
  kind: words.wetBrine,
  stands: words.inItsBrine,
  takeOut: words.takeItOutOfThe,
  place: words.inTheVessel,
  care: words.brineCold4COr,
  less: words.takeItOutEarlierOr,
  more: words.longerThinnerSlashedOrA,
  spots: FROM_THE_FACE,
} as const;

export const equilibrium: PreparationDescriptor<Of<"wetBrine">> = {
  ...WET,
  words: {
    ...WET_WORDS,
    name: words.equilibriumBrine,
    noun: words.brine,
    choice: { label: words.equilibrium, note: words.wetCannotOvershoot },
    way: words.gentleBrine,
  },
  settles: { hours: true, strength: true },
  fuss: 1,
  offered: (targetFraction) => ({
    kind: "wetBrine",
    school: "equilibrium",
    convention: "waterPhase",
    targetFraction,
  }),
  usualH: { meat: 24 },
};
