import { coldWaterThawMin, fridgeThawH } from "../heat/thaw";
import { gramsText, oneDigit, spanText } from "../quantity/said";
import { checksFor } from "./checks";
import { HOUR, isCrust, saltedFirst, type WorkedDish } from "./dish";
import { gramsOf, listed, saltLineG } from "./figures";
import { mixing } from "./mixing";
import { begun, byHand, type Step } from "./step";
import * as words from "@/words/core/program/before";

/** Everything before the food goes in, in the order it is done. */
export function beforeSteps(dish: WorkedDish): Step[] {
  return [
    ...thawing(dish),
    ...checksFor(dish),
    weighOut(dish),
    ...mixing(dish),
    ...settingAside(dish),
    ...inTheCavity(dish),
    ...saltingFirst(dish),
    ...packing(dish),
  ];
}

function thawing({ input, sheet }: WorkedDish): Step[] {
  const { thaw, totalMassG, count } = input.pieces;
  const pieceG = totalMassG / count;
  if (thaw === "fridge") {
    const { low, high } = fridgeThawH(pieceG);
    return [
      begun(
        "thaw",
        "thaw",
        high * HOUR,
        words.intoTheFridgeToThaw(spanText(low, high)),
        words.onATrayWrapped24,
        {
          minutes: { least: low * HOUR, likely: high * HOUR, most: high * HOUR * 1.5 },
          look: words.nothingHardAtTheMiddle,
          occupies: [{ what: "fridge", litres: Math.ceil((sheet.foodG / 1000) * 2) }],
        },
      ),
    ];
  }
  if (thaw === "coldWater") {
    const minutes = coldWaterThawMin(pieceG);
    return [
      begun(
        "thaw",
        "thaw",
        minutes,
        words.intoColdWaterToThaw(Math.round(minutes)),
        words.sealedChangeTheWaterEvery,
        {
          look: words.nothingHardAtTheMiddle,
          late: words.goOnAtOnceThawed,
        },
      ),
    ];
  }
  return [];
}

/** Weighed out with the preparation: what goes beside it is weighed when it is made. */
function weighOut({ sheet: { lines } }: WorkedDish): Step {
  const total = lines.reduce((sum, l) => sum + l.massG, 0);
  const what = lines.length === 1 ? listed(lines) : words.thingsGInAll(lines.length, gramsText(total));
  return byHand("weigh_out", "weighOut", 10, words.weighOut(what), words.saltByTheScaleNot, {
    figures: lines.map(gramsOf),
  });
}

/** After it is mixed and before raw food comes near: only then is it clean, and whole. */
function settingAside({ input, sheet }: WorkedDish): Step[] {
  const { reserve } = input;
  if (!reserve || !sheet.mix) return [];
  const massG = sheet.mix.massG * reserve.share;
  return [
    byHand(
      "reserve",
      "reserve",
      3,
      words.setGOfItAside(gramsText(massG), RESERVED[reserve.use]),
      words.inItsOwnCleanBowl,
      { figures: [{ what: words.setAside, value: massG, unit: "g" }] },
    ),
  ];
}

const RESERVED = { sauce: "sauce", glaze: "glaze", baste: "basting", dressing: "dressing" } as const;

function inTheCavity({ sheet }: WorkedDish): Step[] {
  const lines = sheet.lines.filter((l) => l.where === "cavity");
  if (lines.length === 0) return [];
  return [
    byHand("cavity", "clean", 5, words.intoTheCavity(listed(lines)), words.itScentsFromWithinLoosely, {
      figures: lines.map(gramsOf),
    }),
  ];
}

function saltingFirst(dish: WorkedDish): Step[] {
  const massG = saltLineG(dish);
  if (!saltedFirst(dish) || massG <= 0) return [];
  return [
    byHand(
      "salt_first",
      "saltFirst",
      5,
      words.saltTheFoodFirstG(gramsText(massG)),
      words.saltTravelsSpiceStaysIt,
      { figures: dish.sheet.lines.filter((l) => l.role === "salt").map(gramsOf) },
    ),
  ];
}

/** Bed, food, cover. */
function packing(dish: WorkedDish): Step[] {
  const { input, sheet } = dish;
  const p = input.preparation;
  if (!isCrust(dish) || p.kind !== "saltCrust") return [];
  const cover = oneDigit(sheet.crust?.overMm ?? p.overMm);
  const around = sheet.lines.filter((l) => l.where === "overUnder");
  const scent = around.length > 0 ? words.overAndUnder(listed(around)) : "";
  return [
    byHand(
      "pack",
      "mix",
      15,
      words.packTheCrustABed({ underMm: oneDigit(p.underMm), cover, scent }),
      words.headAndTailStayOut(p.ends),
      {
        look: words.noCracksTheSameThickness,
        figures: [
          { what: words.bed, value: p.underMm, unit: "mm" },
          { what: words.cover, value: Number(cover), unit: "mm" },
        ],
        occupies: [{ what: "tray" }],
      },
    ),
  ];
}
