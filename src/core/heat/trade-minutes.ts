import { interpolate } from "../interpolate";
import { isOnTheBone, isRoast, isSeafood, isWhole } from "../materials/facts";
import { rows as COOK_RULES } from "../materials/tables/doneness.table";
import { rows as OVENS } from "../materials/tables/ovens.table";
import type { CookRule, Food } from "../materials/types";

const OVEN_C = OVENS.map((o) => o.ovenC);
const TIME_FACTORS = OVENS.map((o) => o.timeFactor);

/** Time at an oven temperature over that at 180 °C, by the oven table. */
const timeFactor = (ovenC: number): number => interpolate(OVEN_C, TIME_FACTORS, ovenC);

/**
 * Minutes a rule of the trade counts, moved to another oven. *Practice*: an estimate, a probe decides.
 * @param pieceG one piece, g  @param thicknessMm thickest part, mm  @param ovenC oven air, °C
 */
export function ruleMinutes(rule: CookRule, pieceG: number, thicknessMm: number, ovenC: number): number {
  const perMass = ((rule.minutesPerKg ?? 0) * pieceG) / 1000;
  const perThickness = ((rule.minutesPer25Mm ?? 0) * thicknessMm) / 25;
  const atRule = perMass + perThickness + (rule.fixedMinutes ?? 0);
  return atRule * ovenFactor(rule, ovenC);
}

/** Minutes in this oven over those in the rule's own, by the oven table. */
export const ovenFactor = (rule: CookRule, ovenC: number): number =>
  timeFactor(ovenC) / timeFactor(rule.ovenC);

/** The rules of one thing at several ovens. */
const RULES = {
  wholeBird: ["chicken_whole_180", "chicken_whole_200", "chicken_whole_220"],
  smallBird: ["small_bird_200"],
  largeBird: ["turkey_whole_165"],
  duck: ["duck_whole_160"],
  goose: ["goose_whole_165"],
  largeBreast: ["turkey_breast_165"],
  breast: ["chicken_breast_200"],
  thigh: ["chicken_thigh_bone_200"],
  drumstick: ["chicken_drum_200"],
  wing: ["chicken_wing_220"],
  duckLeg: ["duck_leg_170"],
  porkRoast: ["pork_loin_180"],
  tenderloin: ["pork_tenderloin_200"],
  porkChop: ["pork_chop_200"],
  shoulder: ["pork_shoulder_120", "pork_shoulder_150"],
  belly: ["pork_belly_160"],
  ribs: ["pork_ribs_135"],
  ribRoast: ["beef_rib_120", "beef_rib_165"],
  round: ["beef_round_165"],
  brisket: ["beef_brisket_135"],
  shortRib: ["short_rib_150"],
  steak: ["beef_steak_200"],
  patty: ["patty_200"],
  leg: ["lamb_leg_180"],
  lambShoulder: ["lamb_shoulder_150"],
  rack: ["lamb_rack_220"],
  lambChop: ["lamb_chop_200"],
  venisonLoin: ["venison_loin_200"],
  fishPiece: ["fish_inch_220", "fish_fillet_200", "fish_fillet_140"],
  wholeFish: ["fish_whole_200", "fish_inch_220"],
  prawn: ["shrimp_220"],
  tail: ["lobster_tail_220"],
  wholeHead: ["cauliflower_200"],
  tofu: ["tofu_200"],
} as const;
type Family = keyof typeof RULES;

/** Which family of rules speaks of a food of the table; null where the trade counts no minutes that we know of. */
const FAMILY_OF: Record<string, Family | null> = {
  chicken_whole: "wholeBird",
  chicken_breast_boneless: "breast",
  chicken_breast_bonein: "breast",
  chicken_thigh_bonein: "thigh",
  chicken_thigh_boneless: "breast",
  chicken_drumstick: "drumstick",
  chicken_wing: "wing",
  chicken_leg_quarter: "thigh",
  turkey_whole: "largeBird",
  turkey_breast_bonein: "largeBreast",
  turkey_breast_boneless: "largeBreast",
  duck_whole: "duck",
  duck_breast: null,
  duck_leg: "duckLeg",
  goose_whole: "goose",
  cornish_hen: "smallBird",
  quail: null,
  pheasant: "smallBird",
  pork_chop_boneless: "porkChop",
  pork_chop_bonein: "porkChop",
  pork_tenderloin: "tenderloin",
  pork_loin_roast: "porkRoast",
  pork_loin_bonein: "porkRoast",
  pork_shoulder: "shoulder",
  pork_belly: "belly",
  pork_ribs: "ribs",
  wild_boar: "shoulder",
  beef_steak: "steak",
  beef_flank: "steak",
  beef_ribeye_roast: "ribRoast",
  beef_brisket: "brisket",
  beef_chuck: "brisket",
  beef_round_roast: "round",
  beef_ground: "patty",
  beef_short_rib: "shortRib",
  lamb_leg_bonein: "leg",
  goat_leg: "leg",
  lamb_shoulder: "lambShoulder",
  lamb_shoulder_butterflied: "lambShoulder",
  lamb_rack: "rack",
  lamb_chop: "lambChop",
  venison_loin: "venisonLoin",
  venison_haunch: "leg",
  rabbit_whole: null,
  shrimp_peeled: "prawn",
  shrimp_shell: "prawn",
  lobster_tail: "tail",
  scallop: null,
  squid: null,
  octopus: null,
  mussel: null,
  cauliflower: "wholeHead",
  tofu_firm: "tofu",
  tofu_silken: "tofu",
};

const LARGE_BIRD_G = 3500;
const SMALL_BIRD_G = 900;

/** Which rules speak of a food that is in no table, by what it is said to be. */
function familyByFacts(food: Food, pieceG: number): Family | null {
  const whole = isWhole(food.form);
  if (isSeafood(food)) {
    if (food.kingdom === "crustacean") return food.form === "piece" ? "prawn" : null;
    if (food.kingdom === "mollusc") return null;
    return whole ? "wholeFish" : "fishPiece";
  }
  const roast = isRoast(food.form);
  switch (food.kingdom) {
    case "bird":
      if (!whole) return isOnTheBone(food.form) ? "thigh" : "breast";
      return pieceG >= LARGE_BIRD_G ? "largeBird" : pieceG < SMALL_BIRD_G ? "smallBird" : "wholeBird";
    case "mammal":
      if (food.form === "ground") return "patty";
      if (food.group === "pork") return roast ? "porkRoast" : "porkChop";
      if (food.group === "beef") return roast ? "round" : "steak";
      return roast ? "leg" : "lambChop";
    default:
      return null;
  }
}

/**
 * The rule of the trade that speaks of a food roasted open, nearest to this oven; undefined where none does.
 * @param pieceG one piece, g: a bird's rule goes by its size
 * @example "duck, whole" at 170 °C: the rule for a whole duck at 160 °C
 */
export function tradeRule(food: Food, ovenC: number, pieceG = food.pieceMassG): CookRule | undefined {
  const named = FAMILY_OF[food.id];
  const family = named === undefined ? familyByFacts(food, pieceG) : named;
  if (family === null) return undefined;
  const ids: readonly string[] = RULES[family];
  return COOK_RULES.filter((rule) => ids.includes(rule.id)).sort(
    (a, b) => Math.abs(a.ovenC - ovenC) - Math.abs(b.ovenC - ovenC),
  )[0];
}
