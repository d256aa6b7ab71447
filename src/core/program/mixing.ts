import { chilledToC, chillOf } from "../formula/weigh/chill-brine";
import { joins, type SheetLine } from "../formula/weigh/lines";
import { whitesSaid } from "../formula/weigh/whites";
import { pantryOf } from "../materials/pantry";
import { gramsText, oneDigit } from "../quantity/said";
import { saltedFirst, type WorkedDish } from "./dish";
import { gramsOf, listed, saltLineG } from "./figures";
import { byHand, type Step } from "./step";

/** Dissolve and chill, stir, bind or damp: by the preparation. */
export function mixing(dish: WorkedDish): Step[] {
  const { sheet } = dish;
  if (sheet.brine) return brine(dish);
  if (sheet.crust) return [dampSalt(dish)];
  if (sheet.paste) return [paste(dish)];
  if (sheet.mix) return [mixture(dish)];
  return [];
}

/** What goes into its bath: dissolved, or poured in cold as it stands. */
function bathOf({ input, sheet }: WorkedDish): {
  dissolved: SheetLine[];
  simmered: SheetLine[];
  poured: SheetLine[];
} {
  const pantry = pantryOf(input.own);
  const isPoured = (l: SheetLine) => pantry.ingredient(l.id)?.poured === true;
  const others = sheet.lines.filter((l) => l.role === "aromatic" && joins(l.where));
  return {
    dissolved: sheet.lines.filter((l) => l.role === "salt" || l.role === "sugar"),
    simmered: others.filter((l) => !isPoured(l)),
    poured: others.filter(isPoured),
  };
}

function brine(dish: WorkedDish): Step[] {
  const { input, sheet } = dish;
  const { dissolved, simmered, poured } = bathOf(dish);
  const waterG = sheet.lines.find((l) => l.role === "water")?.massG ?? 0;
  const coldC = chilledToC(input);
  const plan = chillOf(input, sheet);
  const hotG = plan ? waterG - plan.iceG : 0;
  const what = listed(dissolved);
  const scent = simmered.length > 0 ? `, with ${listed(simmered)}` : "";
  if (!plan || hotG <= 0) {
    const all = [...dissolved, ...simmered, ...poured];
    return [
      byHand(
        "dissolve",
        "mix",
        10,
        `Stir ${listed(all)} into the cold liquid`,
        "It dissolves in an hour cold, in minutes hot.",
        { look: "No grains left on the bottom.", figures: all.map(gramsOf) },
      ),
    ];
  }
  const cold = poured.length > 0 ? ` and ${listed(poured)}` : "";
  return [
    byHand(
      "dissolve",
      "mix",
      10,
      `Dissolve ${what} in ${gramsText(hotG)} g hot water${scent}`,
      plan.dissolvesHot
        ? "It dissolves in minutes hot, in an hour cold."
        : "The last of it dissolves as the ice melts.",
      {
        look: "No grains left on the bottom.",
        figures: [{ what: "hot water", value: hotG, unit: "g" }, ...[...dissolved, ...simmered].map(gramsOf)],
        occupies: [{ what: "ring" }],
      },
    ),
    byHand(
      "chill_brine",
      "chill",
      5,
      `Add ${gramsText(plan.iceG)} g ice${cold}: the brine to ${oneDigit(coldC)} °C`,
      "Never put food into a warm brine. The ice is part of its water.",
      {
        look: "A thermometer in it reads 4 °C or less.",
        figures: [
          { what: "ice", value: plan.iceG, unit: "g" },
          ...poured.map(gramsOf),
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
