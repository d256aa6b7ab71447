import { cutsFor } from "../formula/account/advice";
import { saltModeOf } from "../formula/weigh/given-salt";
import { SODIUM_MG } from "../materials/official";
import { saturationFraction } from "../solution/sodium-chloride";
import { hazardRule, LOCAL_CODE, type Rule } from "./rule";
import * as words from "@/words/core/safety/salt";

/** Salt in the flesh most eaters object to, mass fraction. *Practice* (METHODS: taste bands). */
const HAM_LIKE_FRACTION = 0.02;
/** Native salt above which food counts as salted already, mass fraction. *Practice*. */
const SALTED_ALREADY_FRACTION = 0.008;

/** The whole dish over what is wanted by more than this is said. *Practice*, estimate. */
const DISH_SALTY = 1.1;

/** Given salt under this share of what is wanted is said. *Practice*: where "seasoned" begins. */
const BELOW_WANTED = 0.85;
/** At its own minute a soak is not past it: hours typed and hours worked out differ in the last digit. */
const A_HAIR = 1e-6;

export const SALT_RULES: readonly Rule[] = [
  {
    id: "over_salted",
    severity: "caution",
    ...words.overSalted,
    check: ({ atPull }) =>
      atPull.toHeat.meanFraction >= HAM_LIKE_FRACTION
        ? { percent: atPull.toHeat.meanFraction * 100 }
        : undefined,
  },
  {
    id: "dish_salty",
    severity: "caution",
    ...words.dishSalty,
    check: ({ input, sheet, atPull }) => {
      const wanted = input.preparation.targetFraction;
      if (!(wanted > 0) || atPull.ledger.shareOfFood <= DISH_SALTY * wanted) return undefined;
      const [cut] = cutsFor(input, sheet, atPull, wanted);
      return cut
        ? { percent: atPull.ledger.shareOfFood * 100, wantedPercent: wanted * 100, line: cut.source.name }
        : undefined;
    },
  },
  {
    id: "below_wanted",
    severity: "tip",
    ...words.belowWanted,
    check: ({ input, sheet, atPull }) => {
      const wanted = input.preparation.targetFraction;
      const share = atPull.ledger.shareOfFood;
      return saltModeOf(input) !== "wanted" && !sheet.crust && share < BELOW_WANTED * wanted
        ? { percent: share * 100, wantedPercent: wanted * 100 }
        : undefined;
    },
  },
  hazardRule("overlong_soak", {
    ...words.overlongSoak,
    check: ({ input, sheet }) => {
      const limitH = sheet.soak.window.past.likely ?? sheet.soak.window.keepLimitH;
      return input.pullH > limitH * (1 + A_HAIR) ? { pullH: input.pullH, limitH } : undefined;
    },
  }),
  hazardRule("double_salt", {
    ...words.doubleSalt,
    check: ({ sheet }) =>
      sheet.flesh.nativeSaltFraction > SALTED_ALREADY_FRACTION ||
      sheet.food.flags.includes("cured") ||
      sheet.food.flags.includes("smoked")
        ? { percent: sheet.flesh.nativeSaltFraction * 100 }
        : undefined,
  }),
  hazardRule("undissolved", {
    ...words.undissolved,
    check: ({ input, sheet }) => {
      const limit = saturationFraction(input.holding.temperatureC);
      return sheet.brine && sheet.brine.saltFraction > limit
        ? { percent: sheet.brine.saltFraction * 100, limitPercent: limit * 100 }
        : undefined;
    },
  }),
  hazardRule("volume_measured_salt", {
    ...words.volumeMeasuredSalt,
    check: ({ input, sheet }) => {
      const { preparation } = input;
      const byCup =
        preparation.kind === "wetBrine" &&
        preparation.school === "timed" &&
        preparation.strength.basis === "cups";
      const { densityLowGPerMl, densityHighGPerMl, densityGPerMl, name } = sheet.salt;
      const doubt = (densityHighGPerMl - densityLowGPerMl) / 2 / densityGPerMl;
      return byCup ? { salt: name, doubtPercent: doubt * 100 } : undefined;
    },
  }),
  hazardRule("sodium_restricted", {
    ...words.sodiumRestricted,
    check: ({ atPull }) =>
      atPull.ledger.sodiumMgPerPortion > SODIUM_MG.portion
        ? { sodiumMg: atPull.ledger.sodiumMgPerPortion, dayMg: SODIUM_MG.day }
        : undefined,
  }),
  hazardRule("potassium_salt", {
    ...words.potassiumSalt,
    check: ({ sheet }) =>
      sheet.salt.kclFraction > 0.02
        ? { salt: sheet.salt.name, percent: sheet.salt.kclFraction * 100 }
        : undefined,
  }),
  {
    id: "non_food_salt",
    severity: "stop",
    ...words.nonFoodSalt,
    deferTo: LOCAL_CODE,
    check: ({ sheet }) => (sheet.salt.foodGrade ? undefined : { salt: sheet.salt.name }),
  },
];
