import { chilledToC, chillOf } from "../formula/weigh/chill-brine";
import { joins, type SheetLine } from "../formula/weigh/lines";
import { whitesSaid } from "../formula/weigh/whites";
import { pantryOf } from "../materials/pantry";
import { gramsText, oneDigit } from "../quantity/said";
import { saltedFirst, type WorkedDish } from "./dish";
import { gramsOf, listed, saltLineG } from "./figures";
import { byHand, type Step } from "./step";
import * as words from "@/words/core/program/mixing";

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
  const scent = simmered.length > 0 ? words.withScents(listed(simmered)) : "";
  if (!plan || hotG <= 0) {
    const all = [...dissolved, ...simmered, ...poured];
    return [
      byHand("dissolve", "mix", 10, words.stirIntoTheColdLiquid(listed(all)), words.itDissolvesInAnHour, {
        look: words.noGrainsLeftOnThe,
        figures: all.map(gramsOf),
      }),
    ];
  }
  const cold = poured.length > 0 ? words.and(listed(poured)) : "";
  return [
    byHand(
      "dissolve",
      "mix",
      10,
      words.dissolveGHotWater({ what, hotG: gramsText(hotG), scent }),
      words.itDissolvesInMinutesHot(plan.dissolvesHot),
      {
        look: words.noGrainsLeftOnThe,
        figures: [
          { what: words.hotWater, value: hotG, unit: "g" },
          ...[...dissolved, ...simmered].map(gramsOf),
        ],
        occupies: [{ what: "ring" }],
      },
    ),
    byHand(
      "chill_brine",
      "chill",
      5,
      words.addGIceTheBrine({ iceG: gramsText(plan.iceG), cold, coldC: oneDigit(coldC) }),
      words.neverPutFoodIntoA,
      {
        look: words.aThermometerInItReads,
        figures: [
          { what: words.ice, value: plan.iceG, unit: "g" },
          ...poured.map(gramsOf),
          { what: words.brineCold, value: coldC, unit: "°C" },
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
      words.beatLooseWithGWater({
        eggWhites: whitesText(crust.eggWhites),
        anyG: crust.waterG,
        waterG: gramsText(crust.waterG),
        saltG: gramsText(saltG),
      }),
      words.twoForTheLotMore(p.school),
      {
        look: words.aSqueezedHandfulHoldsIts,
        figures: [
          { what: words.eggWhites, value: whitesSaid(crust.eggWhites), unit: "whites" },
          { what: salt?.name ?? words.salt, value: saltG, unit: "g" },
        ],
      },
    );
  const [first = 0, ...then] = crust?.waterSteps ?? [];
  const [next] = then;
  const more = next === undefined ? "" : words.thenGAtATime(gramsText(next), then.length);
  return byHand(
    "mix",
    "mix",
    10,
    words.dampGSaltWithG({ saltG: gramsText(saltG), first: gramsText(first), more }),
    words.tooDryItCrumblesToo,
    {
      look: words.squeezedLikeDampSand,
      figures: [
        { what: salt?.name ?? words.salt, value: saltG, unit: "g" },
        { what: words.waterFirst, value: first, unit: "g" },
      ],
    },
  );
}

function whitesText(whites: number): string {
  const n = whitesSaid(whites);
  return words.eggWhite(n);
}

function paste({ sheet }: WorkedDish): Step {
  const binder = sheet.lines.find((l) => l.role === "binder");
  const steps = sheet.paste?.steps ?? [];
  const bound =
    binder && binder.massG > 0 && steps.length > 0
      ? words.stirThePasteBindIt(steps.map(gramsText).join(", "), binder.name)
      : words.stirThePaste;
  return byHand("mix", "mix", 10, bound, words.stirLookThenTheNext, {
    look: words.itHoldsOnTheSpoon,
    figures: binder ? [gramsOf(binder)] : [],
  });
}

function mixture(dish: WorkedDish): Step {
  const { sheet, input } = dish;
  const first = saltedFirst(dish);
  const massG = (sheet.mix?.massG ?? 0) + (first ? 0 : saltLineG(dish));
  const wet = sheet.liquidMl > 0;
  const name = words.rubOrMarinade(input.preparation.kind === "rub");
  return byHand("mix", "mix", 5, words.mixThe(name, gramsText(massG)), words.noSaltInItThat(first, wet), {
    look: words.oneColourThroughout(first, wet),
    figures: [{ what: words.the(name), value: massG, unit: "g" }],
  });
}
