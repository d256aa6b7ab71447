import { cookOf as cookFor, stagesOf } from "../../formula/cook/cook";
import { isOven } from "../../formula/cook/cook-stages";
import { splitProposed } from "../../formula/soak/uneven";
import { whitesSaid } from "../../formula/weigh/whites";
import { isPoor } from "../../materials/facts";
import { cause, type RealBatch, type Weigh } from "./cause";
import * as words from "@/words/core/journal/causes/of-cooking";

const cookOf = (b: RealBatch) => cookFor(b.input, b.sheet.food);

/** What was read against what was wanted: a braise at 90 °C is not over, a loin at 79 °C where 63 was wanted is. */
export const overCooked: Weigh = (b) => {
  const wantedC = cookOf(b).toC;
  const { safeMinC } = b.sheet.food;
  const least = safeMinC === null ? "" : words.theOfficialMinimumIs(safeMinC);
  return b.coreC === undefined
    ? cause("not_read", 0.2, words.itsMiddleWasNotRead, words.aProbeInTheThickest)
    : cause(
        "over_cooked",
        (b.coreC - wantedC) / 12,
        words.itsMiddleReadCWas({ coreC: Math.round(b.coreC), wantedC: Math.round(wantedC), least }),
        words.takeItOutOfThe,
      );
};

/** More than this kind and its official minimum ask for was wanted in the first place. */
export const askedHot: Weigh = (b) => {
  const { targetC, safeMinC } = b.sheet.food;
  const enoughC = Math.max(targetC, safeMinC ?? 0);
  const wantedC = cookOf(b).toC;
  return cause(
    "asked_hot",
    (wantedC - enoughC) / 12,
    words.cWasAskedForC(Math.round(wantedC), enoughC),
    words.askForNeverUnderThe(enoughC, safeMinC),
  );
};

export const damp: Weigh = (b) =>
  b.sheet.food.skin
    ? cause(
        "damp_skin",
        b.input.holding.covered ? 0.8 : 0.3,
        words.itStoodCoveredTheSkin(b.input.holding.covered),
        words.theLastTwelveHoursBare,
      )
    : undefined;

export const sugarBurns: Weigh = (b) => {
  const { mix } = b.sheet;
  const ovens = stagesOf(b.input, cookOf(b)).filter(isOven);
  const ovenC = Math.max(...ovens.map((s) => s.ovenC));
  return mix?.scorchC === undefined || ovens.length === 0
    ? undefined
    : cause(
        "sugar_burns",
        0.2 + (ovenC - mix.scorchC) / 40,
        words.sugarBlackensAtAboutC({
          sugarFraction: Math.round(mix.sugarFraction * 100),
          scorchC: mix.scorchC,
          ovenC,
        }),
        words.aCoolerOvenFoilOr,
      );
};

export const noSlack: Weigh = () =>
  cause("no_slack", 0.5, words.thePlanLeftNoTime, words.startHalfAnHourEarlier);

export const wetFood: Weigh = (b) =>
  cause("wet_food", b.sheet.liquidMl > 0 ? 0.7 : 0.3, words.itWentIntoThePan, words.patItDryAndLet);

export const uneven: Weigh = (b) => {
  const split = splitProposed(b.input, b.sheet);
  return split
    ? cause(
        "uneven",
        split.timesRatio / 3,
        words.theThickOnesNeedTimes(split.timesRatio.toFixed(1)),
        words.sortThemByThicknessTwo,
      )
    : cause("taken_alike", 0.15, words.theyWereTakenAsAlike, words.measureTheThickestAndThe);
};

export const tooMuchCoat: Weigh = (b) =>
  b.sheet.coat
    ? cause(
        "too_much_coat",
        1.2 - b.sheet.coat.stuckShare,
        words.ofItCouldStick(Math.round(b.sheet.coat.stuckShare * 100)),
        words.lessOfItOnA,
      )
    : undefined;

/** Thinner over the food than this it cracks, mm. *Practice*. */
const THIN_OVER_MM = 14;

export const crustThin: Weigh = (b) => {
  const { crust } = b.sheet;
  return crust
    ? cause(
        "crust_thin",
        (THIN_OVER_MM - crust.overMm) / 8,
        words.onlyMmOverIt(Number(crust.overMm.toFixed(1))),
        words.of12MmOrMorePack,
      )
    : undefined;
};

export const crustDry: Weigh = (b) =>
  b.sheet.crust ? cause("crust_dry", 0.4, words.dampSaltThatCrumblesIn, words.moreWaterByStepsTo) : undefined;

export const manyWhites: Weigh = (b) =>
  b.sheet.crust && b.sheet.crust.eggWhites > 2
    ? cause(
        "many_whites",
        b.sheet.crust.eggWhites / 10,
        words.eggWhitesInIt(whitesSaid(b.sheet.crust.eggWhites)),
        words.theSparingSchoolTwoFor,
      )
    : undefined;

export const fineSalt: Weigh = (b) =>
  b.sheet.crust && isPoor(b.sheet.salt.gradeSaltCrust)
    ? cause(
        "fine_salt",
        0.9,
        words.packsHardAndDissolvesFast(b.sheet.salt.name),
        words.coarseOrDenseRolledCrystals,
      )
    : undefined;

export const scaled: Weigh = (b) => {
  const p = b.input.preparation;
  return p.kind === "saltCrust" && p.scales === "off"
    ? cause("scaled", 0.7, words.itWasScaledAboutTwice, words.leaveTheScalesOnPeel)
    : undefined;
};
