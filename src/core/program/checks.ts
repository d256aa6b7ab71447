import { isSeafood } from "../materials/facts";
import { isCrust, type WorkedDish } from "./dish";
import { byHand, type Step, type StepKind } from "./step";
import * as words from "@/words/core/program/checks";

interface Check {
  id: string;
  kind?: StepKind;
  minutes?: number;
  title: string | ((dish: WorkedDish) => string);
  why: string;
  look?: string;
  when: (dish: WorkedDish) => boolean;
}

const wholeFish = ({ sheet: { food } }: WorkedDish) => isSeafood(food) && food.form === "whole";
const scalesStay = ({ input: { preparation: p } }: WorkedDish) => p.kind === "saltCrust" && p.scales === "on";

/** What this food wants before anything is weighed, in the order of work. Sources: USDA FSIS for washing (*from memory*); the rest *practice*. */
const CHECKS: readonly Check[] = [
  {
    id: "check_inspect_fish",
    kind: "inspect",
    title: words.smellAndLookAtThe,
    why: words.onlyVeryFreshFishIs,
    look: words.cleanSeaSmellClearEyes,
    when: ({ sheet: { food } }) => isSeafood(food),
  },
  {
    id: "check_inspect_bird",
    kind: "inspect",
    title: words.lookItOverPinFeathers,
    why: words.whatIsLeftInsideSpoils,
    when: ({ sheet: { food } }) => food.kingdom === "bird",
  },
  {
    id: "check_label",
    kind: "inspect",
    title: words.readTheLabelSolutionBrine,
    why: words.foodSaltedByThePacker,
    when: ({ input, sheet: { food } }) =>
      input.pieces.enhanced === null && (food.kingdom === "bird" || food.group === "pork"),
  },
  {
    id: "check_fins",
    title: words.cutFinsOffWithShears,
    why: words.finsAndSpinesCutHands,
    when: wholeFish,
  },
  {
    id: "check_scales_on",
    title: words.leaveTheScalesOn,
    why: words.theyKeepSaltOffThe,
    when: (dish) => wholeFish(dish) && scalesStay(dish),
  },
  {
    id: "check_scale",
    title: words.scaleIt,
    why: words.saltAndPasteReachThe,
    when: (dish) => wholeFish(dish) && !scalesStay(dish),
  },
  {
    id: "check_scrub",
    title: words.scrubItLeaveTheSkin,
    why: words.theSkinKeepsTheSalt,
    when: (dish) => isCrust(dish) && dish.sheet.food.kingdom === "plant",
  },
  {
    id: "check_press",
    minutes: 20,
    title: words.pressItFor20Min,
    why: words.pressedItTakesUpThe,
    when: ({ sheet: { food } }) => food.kingdom === "plant_gel" && food.form === "block",
  },
  {
    id: "check_dry",
    title: ({ sheet: { food } }) => words.patItDryOnEvery(food.kingdom),
    why: words.wetFoodShedsOilPaste,
    when: ({ input }) => input.holding.before === "patDry",
  },
  {
    id: "check_rinse",
    title: words.rinseItGentlyAndLow,
    why: words.foodSafetyAuthoritiesAdvise,
    when: ({ input }) => input.holding.before === "rinse",
  },
  {
    id: "check_score",
    title: ({ input: { pieces } }) => words.slashMmDeepEveryMm(pieces.slashDepthMm, pieces.slashSpacingMm),
    why: words.itShortensTheWaySalt,
    when: ({ input }) => input.pieces.slashDepthMm > 0,
  },
];

/** The checks that this food and this preparation want. */
export const checksFor = (dish: WorkedDish): Step[] =>
  CHECKS.filter((check) => check.when(dish)).map(({ id, kind = "clean", minutes = 5, title, why, look }) =>
    byHand(id, kind, minutes, typeof title === "string" ? title : title(dish), why, look ? { look } : {}),
  );
