import { chilledToC, chillOf } from "../formula/weigh/chill-brine";
import type { SheetLine } from "../formula/weigh/lines";
import { whitesSaid } from "../formula/weigh/whites";
import { coldWaterThawMin, fridgeThawH } from "../heat/thaw";
import { gramsText, oneDigit } from "../quantity/said";
import { checksFor } from "./checks";
import { HOUR, isCrust, type WorkedDish } from "./dish";
import { gramsOf, listed } from "./figures";
import { begun, byHand, type Step } from "./step";

/** Everything before the food goes in, in the order it is done. */
export function beforeSteps(dish: WorkedDish): Step[] {
  return [
    ...thawing(dish),
    ...checksFor(dish),
    weighOut(dish),
    ...makingUp(dish),
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
        `Into the fridge to thaw, ${Math.round(low)} to ${Math.round(high)} h`,
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
const weighed = ({ sheet }: WorkedDish): SheetLine[] => sheet.lines;

function weighOut(dish: WorkedDish): Step {
  const lines = weighed(dish);
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

/** Dissolve and chill, stir, bind or damp: by the preparation. */
function makingUp(dish: WorkedDish): Step[] {
  const { sheet } = dish;
  if (sheet.brine) return brine(dish);
  if (sheet.crust) return [dampSalt(dish)];
  if (sheet.paste) return [paste(dish)];
  if (sheet.mix) return [mixture(dish)];
  return [];
}

function brine({ input, sheet }: WorkedDish): Step[] {
  const water = sheet.lines.find((l) => l.role === "water");
  const solutes = sheet.lines.filter((l) => l.role === "salt" || l.role === "sugar");
  const waterG = water?.massG ?? 0;
  const coldC = chilledToC(input);
  const plan = chillOf(input, sheet);
  const hotG = plan ? waterG - plan.iceG : 0;
  const what = listed(solutes);
  if (!plan || hotG <= 0)
    return [
      byHand(
        "dissolve",
        "mix",
        10,
        `Stir ${what} into the cold liquid`,
        "It dissolves in an hour cold, in minutes hot.",
        {
          look: "No grains left on the bottom.",
          figures: solutes.map(gramsOf),
        },
      ),
    ];
  return [
    byHand(
      "dissolve",
      "mix",
      10,
      `Dissolve ${what} in ${gramsText(hotG)} g hot water`,
      plan.dissolvesHot
        ? "It dissolves in minutes hot, in an hour cold."
        : "The last of it dissolves as the ice melts.",
      {
        look: "No grains left on the bottom.",
        figures: [{ what: "hot water", value: hotG, unit: "g" }, ...solutes.map(gramsOf)],
        occupies: [{ what: "ring" }],
      },
    ),
    byHand(
      "chill_brine",
      "chill",
      5,
      `Add ${gramsText(plan.iceG)} g ice: the brine to ${oneDigit(coldC)} °C`,
      "Never put food into a warm brine. The ice is part of its water.",
      {
        look: "A thermometer in it reads 4 °C or less.",
        figures: [
          { what: "ice", value: plan.iceG, unit: "g" },
          { what: "brine, cold", value: coldC, unit: "°C" },
        ],
      },
    ),
  ];
}

function dampSalt({ input, sheet }: WorkedDish): Step {
  const crust = sheet.crust;
  const p = input.preparation;
  const salt = sheet.lines.find((l) => l.role === "salt");
  const saltG = salt?.massG ?? 0;
  if (crust && p.kind === "saltCrust" && p.school !== "water")
    return byHand(
      "mix",
      "mix",
      10,
      `Beat ${whitesText(crust.eggWhites)} loose${crust.waterG > 0 ? ` with ${gramsText(crust.waterG)} g water` : ""}, fold into ${gramsText(saltG)} g salt`,
      p.school === "sparingEggWhite"
        ? "Two for the lot: more sets too hard to open."
        : "It sets like plaster and lifts off whole.",
      {
        look: "A squeezed handful holds its shape.",
        figures: [
          { what: "egg whites", value: whitesSaid(crust.eggWhites), unit: "whites" },
          { what: salt?.name ?? "salt", value: saltG, unit: "g" },
        ],
      },
    );
  const [first = 0, ...then] = crust?.waterSteps ?? [];
  const more = then.length > 0 ? `, then ${gramsText(then[0])} g at a time, up to ${then.length} times` : "";
  return byHand(
    "mix",
    "mix",
    10,
    `Damp ${gramsText(saltG)} g salt with ${gramsText(first)} g water${more}`,
    "Too dry it crumbles, too wet it sets hard and salts the food.",
    {
      look: "A squeezed handful holds its shape, like damp sand.",
      figures: [
        { what: salt?.name ?? "salt", value: saltG, unit: "g" },
        { what: "water, first", value: first, unit: "g" },
      ],
    },
  );
}

function whitesText(whites: number): string {
  const n = whitesSaid(whites);
  return `${n} egg ${n === 1 ? "white" : "whites"}`;
}

function paste({ sheet }: WorkedDish): Step {
  const binder = sheet.lines.find((l) => l.role === "binder");
  const steps = sheet.paste?.steps ?? [];
  const bound =
    binder && binder.massG > 0 && steps.length > 0
      ? `Stir the paste; bind it with ${steps.map(gramsText).join(", ")} g ${binder.name}, one after another`
      : "Stir the paste";
  return byHand("mix", "mix", 10, bound, "Stir, look, then the next: it must cling to slippery food.", {
    look: "It holds on the spoon.",
    figures: binder ? [gramsOf(binder)] : [],
  });
}

function mixture(dish: WorkedDish): Step {
  const { sheet, input } = dish;
  const first = saltedFirst(dish);
  const massG = (sheet.mix?.massG ?? 0) + (first ? 0 : saltLineG(dish));
  const wet = sheet.liquidMl > 0;
  const name = input.preparation.kind === "rub" ? "rub" : "marinade";
  return byHand(
    "mix",
    "mix",
    5,
    `Mix the ${name}, ${gramsText(massG)} g`,
    first
      ? "No salt in it: that goes on the food."
      : wet
        ? "Salt first into the wet part, oil last."
        : "Break up lumps.",
    {
      look: first || !wet ? "One colour throughout." : "No salt on the bottom.",
      figures: [{ what: `the ${name}`, value: massG, unit: "g" }],
    },
  );
}

const saltLineG = ({ sheet }: WorkedDish): number =>
  sheet.lines.filter((l) => l.role === "salt").reduce((sum, l) => sum + l.massG, 0);

const saltedFirst = ({ input: { preparation: p } }: WorkedDish): boolean =>
  (p.kind === "marinade" || p.kind === "paste") && p.school === "onFoodFirst";

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
