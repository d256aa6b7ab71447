import { isRoast, isWhole } from "../materials/facts";
import type { Food } from "../materials/types";
import type { Vessel } from "../vessel/vessel";
import { ANY_FAULTS, FROM_THE_FACE, offeredLine, type Of, type PreparationDescriptor } from "./descriptor";
import * as words from "@/words/core/preparations/crust";

/** Crust over and under, mm: *practice*, a cover of about 12 mm and a bed of 6 to 8. */
const OVER_MM = 12;
const UNDER_MM = 8;
/** What practice finds in the flesh: a crust is not dosed. */
const FOUND_IN_FLESH = 0.008;

/** What goes into an oven. */
const OVENPROOF: readonly string[] = ["stainless", "glazed_ceramic", "enamelled", "aluminium", "bare_iron"];
/** A full-size kitchen tray. */
const TRAY: Vessel = {
  shape: "tray",
  lengthMm: 530,
  widthMm: 325,
  heightMm: 40,
  material: "stainless",
  plate: false,
};

export const crust: PreparationDescriptor<Of<"saltCrust">> = {
  words: {
    name: words.saltCrust,
    kind: words.saltCrust,
    noun: words.saltCrust,
    stands: words.inItsCrust,
    takeOut: words.takeItOutOfThe,
    choice: { label: words.crust, note: words.bakedInSalt },
    way: words.way,
    place: words.inTheCrust,
    care: words.aProbeThroughTheCrust,
    less: words.leaveSkinOrScalesOn,
    more: words.aCrustSaltsTheFace,
    spots: FROM_THE_FACE,
  },
  kind: "saltCrust",
  lies: "crust",
  enters: "face",
  practice: "crustWater",
  liquid: false,
  setsAside: false,
  dosed: false,
  sugarBySalt: false,
  rinses: "no",
  stretches: false,
  brined: false,
  settles: { hours: false, strength: true },
  fuss: 4,
  faults: [...ANY_FAULTS, "crust_cracked", "crust_stone", "crust_salted_flesh"],
  serves: bakesInSalt,
  found: FOUND_IN_FLESH,
  offered: (targetFraction) => ({
    kind: "saltCrust",
    targetFraction,
    school: "water",
    form: "ellipsoid",
    size: null,
    overMm: OVER_MM,
    underMm: UNDER_MM,
    marginMm: 10,
    scales: "on",
    ends: "covered",
  }),
  starter: [
    { ...offeredLine("parsley", 15, "piece"), where: "cavity" },
    { ...offeredLine("bay_dried", 0.4, "piece"), where: "overUnder" },
  ],
  // It is baked at once; its hour follows from its bake.
  usualH: { meat: 0.75 },
  patted: true,
  covered: true,
  brings: (f) => (OVENPROOF.includes(f.vessel.material) ? {} : { vessel: TRAY }),
};

/** Whole fish, whole birds, joints and roots keep their shape and their juice in a crust. */
function bakesInSalt(food: Food): boolean {
  if (food.form === "ground") return false;
  if (food.kingdom === "plant") return food.shape !== "slab";
  if (food.kingdom === "mammal") return isRoast(food.form);
  return isWhole(food.form) && (food.kingdom === "bird" || food.group === "fish");
}
