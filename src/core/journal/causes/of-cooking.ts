import { cookOf as cookFor, stagesOf } from "../../formula/cook/cook";
import { isOven } from "../../formula/cook/cook-stages";
import { splitProposed } from "../../formula/soak/uneven";
import { whitesSaid } from "../../formula/weigh/whites";
import { isPoor } from "../../materials/facts";
import { cause, type RealBatch, type Weigh } from "./cause";

const cookOf = (b: RealBatch) => cookFor(b.input, b.sheet.food);

/** What was read against what was wanted: a braise at 90 °C is not over, a loin at 79 °C where 63 was wanted is. */
export const overCooked: Weigh = (b) => {
  const wantedC = cookOf(b).toC;
  const { safeMinC } = b.sheet.food;
  const least = safeMinC === null ? "" : ` The official minimum is ${safeMinC} °C.`;
  return b.coreC === undefined
    ? cause(
        "not_read",
        0.2,
        "Its middle was not read: nobody knows how far it went.",
        "A probe in the thickest part, from the start.",
      )
    : cause(
        "over_cooked",
        (b.coreC - wantedC) / 12,
        `Its middle read ${Math.round(b.coreC)} °C; ${Math.round(wantedC)} °C was wanted.${least}`,
        "Take it out of the heat sooner: it still climbs.",
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
    `${Math.round(wantedC)} °C was asked for; ${enoughC} °C is usual for this.`,
    `Ask for ${enoughC} °C${safeMinC === null ? "" : `, never under the ${safeMinC} °C of your food code`}.`,
  );
};

export const damp: Weigh = (b) =>
  b.sheet.food.skin
    ? cause(
        "damp_skin",
        b.input.holding.covered ? 0.8 : 0.3,
        b.input.holding.covered
          ? "It stood covered: the skin never dried."
          : "The skin may not have dried long enough.",
        "The last twelve hours bare on a rack in the fridge; start hot.",
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
        `${Math.round(mix.sugarFraction * 100)} % sugar blackens at about ${mix.scorchC} °C; the oven was ${ovenC} °C.`,
        "A cooler oven, foil, or the sweet part in the last minutes.",
      );
};

export const noSlack: Weigh = () =>
  cause(
    "no_slack",
    0.5,
    "The plan left no time for a slow oven.",
    "Start half an hour earlier; a rest forgives, a table does not.",
  );

export const wetFood: Weigh = (b) =>
  cause(
    "wet_food",
    b.sheet.liquidMl > 0 ? 0.7 : 0.3,
    "It went into the pan wet.",
    "Pat it dry, and let it stand bare before the heat.",
  );

export const uneven: Weigh = (b) => {
  const split = splitProposed(b.input, b.sheet);
  return split
    ? cause(
        "uneven",
        split.timesRatio / 3,
        `The thick ones need ${split.timesRatio.toFixed(1)} times as long.`,
        "Sort them by thickness: two trays, two times.",
      )
    : cause(
        "taken_alike",
        0.15,
        "They were taken as alike.",
        "Measure the thickest and the thinnest: they may want two trays.",
      );
};

export const tooMuchCoat: Weigh = (b) =>
  b.sheet.coat
    ? cause(
        "too_much_coat",
        1.2 - b.sheet.coat.stuckShare,
        `${Math.round(b.sheet.coat.stuckShare * 100)} % of it could stick.`,
        "Less of it, on a dry or oiled face.",
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
        `Only ${Number(crust.overMm.toFixed(1))} mm over it.`,
        "12 mm or more; pack it damp.",
      )
    : undefined;
};

export const crustDry: Weigh = (b) =>
  b.sheet.crust
    ? cause(
        "crust_dry",
        0.4,
        "Damp salt that crumbles in the hand cracks in the oven.",
        "More water, by steps, to the squeeze test.",
      )
    : undefined;

export const manyWhites: Weigh = (b) =>
  b.sheet.crust && b.sheet.crust.eggWhites > 2
    ? cause(
        "many_whites",
        b.sheet.crust.eggWhites / 10,
        `${whitesSaid(b.sheet.crust.eggWhites)} egg whites in it.`,
        "The sparing school: two for the lot, or water.",
      )
    : undefined;

export const fineSalt: Weigh = (b) =>
  b.sheet.crust && isPoor(b.sheet.salt.gradeSaltCrust)
    ? cause(
        "fine_salt",
        0.9,
        `${b.sheet.salt.name} packs hard and dissolves fast.`,
        "Coarse or dense rolled crystals.",
      )
    : undefined;

export const scaled: Weigh = (b) => {
  const p = b.input.preparation;
  return p.kind === "saltCrust" && p.scales === "off"
    ? cause(
        "scaled",
        0.7,
        "It was scaled: about twice the salt gets in.",
        "Leave the scales on; peel the skin at the table.",
      )
    : undefined;
};
