import { isWhole } from "../materials/facts";
import { INJECTED } from "../materials/official";
import { ANY_FAULTS, notGround, type Of, type PreparationDescriptor } from "./descriptor";

/** Thinner than this a bath or dry salt is as soon through. *Practice*. */
const WORTH_A_NEEDLE_MM = 40;

/** Brine pumped into the flesh with a needle: seasoned to the middle from the start, once its pockets have spread. */
export const injection: PreparationDescriptor<Of<"injection">> = {
  words: {
    name: "injected brine",
    kind: "injected brine",
    noun: "injected brine",
    stands: "with its brine in it",
    takeOut: "Take it off the tray",
    choice: { label: "Injection", note: "by needle, to the middle" },
    way: "Injected brine",
    place: "With its brine in it",
    care: "Needle clean, brine strained and cold (4 °C or below). Injected meat is cooked through: the needle carries what was on the outside inwards.",
    less: "Less salt wanted, or less pumped in: all that stays in is eaten.",
    more: "Pump until it weighs what the sheet says, stab closer together, and let it rest longer.",
    spots: { enters: "needle", last: "half-way", lastIs: "between stabs", leanest: "between" },
  },
  kind: "injection",
  lies: "rack",
  enters: "within",
  practice: "wet",
  liquid: false,
  setsAside: false,
  dosed: true,
  sugarBySalt: true,
  rinses: "no",
  stretches: true,
  brined: true,
  settles: { hours: false, strength: true },
  needs: "needle",
  fuss: 3,
  faults: [...ANY_FAULTS, "ham_like", "rubbery_skin", "watery_pan"],
  // A joint that is to stay rare in the middle stays whole.
  serves: (food, toC) =>
    (food.kingdom === "bird" || (food.kingdom === "mammal" && toC >= INJECTED.heldC)) &&
    notGround(food) &&
    (isWhole(food.form) || food.thicknessMm >= WORTH_A_NEEDLE_MM),
  // *Practice*: a tenth of the weight, of which a fifth runs out again; a stab every two centimetres, and overnight.
  offered: (targetFraction) => ({
    kind: "injection",
    targetFraction,
    pickupFraction: 0.1,
    dripFraction: 0.2,
    spacingMm: 20,
  }),
  starter: [],
  usualH: { meat: 24 },
  patted: true,
  // Salt within has no outside of its own.
  brings: (f) => (f.readiness === "outside" ? { readiness: "seasoned" } : {}),
  covered: true,
};
