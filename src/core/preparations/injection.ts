import { isWhole } from "../materials/facts";
import { INJECTED } from "../materials/official";
import { ANY_FAULTS, notGround, type Of, type PreparationDescriptor } from "./descriptor";
import * as words from "@/words/core/preparations/injection";

/** Thinner than this a bath or dry salt is as soon through. *Practice*. */
const WORTH_A_NEEDLE_MM = 40;

/** Brine pumped into the flesh with a needle: seasoned to the middle from the start, once its pockets have spread. */
export const injection: PreparationDescriptor<Of<"injection">> = {
  words: {
    name: words.injectedBrine,
    kind: words.injectedBrine,
    noun: words.injectedBrine,
    stands: words.withItsBrineInIt,
    takeOut: words.takeItOffTheTray,
    choice: { label: words.injection, note: words.byNeedleToTheMiddle },
    way: words.way,
    place: words.place,
    care: words.needleCleanBrineStrainedAnd,
    less: words.lessSaltWantedOrLess,
    more: words.pumpUntilItWeighsWhat,
    spots: words.spots,
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
