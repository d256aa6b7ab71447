import { coldWaterThawMin, fridgeThawH } from "../heat/thaw";
import { gramsText, oneDigit, spanText } from "../quantity/said";
import { checksFor } from "./checks";
import { HOUR, isCrust, saltedFirst, type WorkedDish } from "./dish";
import { gramsOf, listed, saltLineG } from "./figures";
import { mixing } from "./mixing";
import { begun, byHand, type Step } from "./step";

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
        `Into the fridge to thaw, ${spanText(low, high)} h`,
        "On a tray, wrapped: 24 h for each 4 to 5 lb.",
        {
          minutes: { least: low * HOUR, likely: high * HOUR, most: high * HOUR * 1.5 },
          look: "Nothing hard at the middle.",
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
        `Into cold water to thaw, ${Math.round(minutes)} min`,
        "Sealed; change the water every 30 min. 30 min a pound.",
        {
          look: "Nothing hard at the middle.",
          late: "Go on at once: thawed in water it must not stand about.",
        },
      ),
    ];
  }
  return [];
}

/** Weighed out with the preparation: what goes beside it is weighed when it is made. */
function weighOut({ sheet: { lines } }: WorkedDish): Step {
  const total = lines.reduce((sum, l) => sum + l.massG, 0);
  const what = lines.length === 1 ? listed(lines) : `${lines.length} things, ${gramsText(total)} g in all`;
  return byHand(
    "weigh_out",
    "weighOut",
    10,
    `Weigh out ${what}`,
    "Salt by the scale, not by the eye: every line against its figure.",
    { figures: lines.map(gramsOf) },
  );
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
      `Set ${gramsText(massG)} g of it aside for the ${RESERVED[reserve.use]}`,
      "In its own clean bowl: what touches raw food is boiled or thrown away.",
      { figures: [{ what: "set aside", value: massG, unit: "g" }] },
    ),
  ];
}

const RESERVED = { sauce: "sauce", glaze: "glaze", baste: "basting", dressing: "dressing" } as const;

function inTheCavity({ sheet }: WorkedDish): Step[] {
  const lines = sheet.lines.filter((l) => l.note === "in the cavity");
  if (lines.length === 0) return [];
  return [
    byHand(
      "cavity",
      "clean",
      5,
      `Into the cavity: ${listed(lines)}`,
      "It scents from within; loosely, so that heat gets in.",
      {
        figures: lines.map(gramsOf),
      },
    ),
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
      `Salt the food first: ${gramsText(massG)} g over every face`,
      "Salt travels, spice stays: it goes on bare flesh, and the mixture over it.",
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
  const around = sheet.lines.filter((l) => l.note === "over and under");
  const scent = around.length > 0 ? `, ${listed(around)} over and under` : "";
  return [
    byHand(
      "pack",
      "mix",
      15,
      `Pack the crust: a bed of ${oneDigit(p.underMm)} mm, the food, ${cover} mm over it${scent}`,
      p.ends === "out" ? "Head and tail stay out: they show when it is done." : "The crust is a vessel.",
      {
        look: "No cracks; the same thickness all over.",
        figures: [
          { what: "bed", value: p.underMm, unit: "mm" },
          { what: "cover", value: Number(cover), unit: "mm" },
        ],
        occupies: [{ what: "tray" }],
      },
    ),
  ];
}
