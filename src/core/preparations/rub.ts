import { gramsText } from "../quantity/said";
import { ANY_FAULTS, FROM_THE_FACE, offeredLine, type Of, type PreparationDescriptor } from "./descriptor";
import { LARGEST_DOSE } from "./marinade";

export const rub: PreparationDescriptor<Of<"rub">> = {
  words: {
    name: "rub",
    kind: "rub",
    noun: "rub",
    stands: "in its rub",
    takeOut: "Take it off the rack",
    choice: { label: "Rub", note: "ground, dry" },
    way: "Salted rub",
    place: "Under the rub",
    care: "On a rack over a rimmed tray, lowest shelf, fridge at or below 4 °C.",
    less: "Less salt by the weight of the meat: all of it is eaten.",
    more: "Longer, thinner, or salted the night before.",
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
  goesIn: (p, { massG }) => ({
    title: `Rub on ${gramsText(massG)} g, every face${
      p.insideShare > 0 ? `, ${gramsText(massG * p.insideShare)} g of it inside` : ""
    }`,
    why:
      p.surface === "oiled"
        ? "Oil it first: a thin film holds the rub."
        : "What does not stick falls off, and its salt with it.",
    look: "No bare spots.",
  }),
  patted: false,
  covered: false,
};
