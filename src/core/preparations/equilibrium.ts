import { ANY_FAULTS, FROM_THE_FACE, notGround, type Of, type PreparationDescriptor } from "./descriptor";

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
  kind: "wet brine",
  stands: "in its brine",
  takeOut: "Take it out of the brine",
  place: "In the vessel",
  care: "Brine cold (4 °C or below) before the food goes in; food under the liquid; fridge at or below 4 °C.",
  less: "Take it out earlier, or take the equilibrium school, which cannot overshoot.",
  more: "Longer, thinner, slashed, or a stronger bath for the time there is.",
  spots: FROM_THE_FACE,
} as const;

export const equilibrium: PreparationDescriptor<Of<"wetBrine">> = {
  ...WET,
  words: {
    ...WET_WORDS,
    name: "equilibrium brine",
    noun: "brine",
    choice: { label: "Equilibrium", note: "wet, cannot overshoot" },
    way: "Gentle brine",
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
