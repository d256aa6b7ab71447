import { rinseOf } from "../formula/soak/rinse";
import { actsOf } from "../formula/weigh";
import { companionName } from "../formula/weigh/companion-names";
import { goesOnAt, linesOf, PUT_ON } from "../formula/weigh/companions";
import type { SheetLine } from "../formula/weigh/lines";
import type { CompanionKind } from "../formulation";
import { described, hasBath } from "../preparations";
import { gramsText, lasting, oneDigit } from "../quantity/said";
import { noSoak, isCrust, type WorkedDish } from "./dish";
import { gramsOf, listed } from "./figures";
import { begun, byHand, type Step } from "./step";
import * as words from "@/words/core/program/after";

/** A wet skin stands bare so long at least before the heat, where there is time, and as long as a plan likes. *Practice*. */
const AIR_DRY_MIN = 60;
const AIR_DRY_MOST_MIN = 240;
/** What lay on raw food boils so long, rolling, before it is a sauce, min. *Practice*. */
const BOIL_MIN = 3;

/** From taken out of the soak to the heat: rinsed or not, dried, aired, salted once more, out of the cold. */
export function afterSteps(dish: WorkedDish): Step[] {
  if (isCrust(dish)) return [];
  return [
    ...(noSoak(dish) ? [] : [...finishing(dish), ...leftovers(dish), ...drying(dish)]),
    ...season(dish),
    ...takenApart(dish),
    ...tempering(dish),
  ];
}

function finishing({ input, sheet, soakH }: WorkedDish): Step[] {
  const steps: Step[] = [];
  const off = input.rinse ? undefined : actsOf(input.preparation).comesOff?.(input.preparation);
  if (off) steps.push(byHand("finish", "finish", 5, off.title, off.why));
  const rinse = sheet.rinseMin === undefined ? undefined : rinseOf(sheet, soakH, sheet.rinseMin);
  if (rinse)
    steps.push(
      begun(
        "finish",
        "finish",
        rinse.minutes,
        words.intoFreshColdWater(lasting(rinse.minutes)),
        words.itTakesTheSurfaceFrom({
          surfaceWas: percent(rinse.before.surfaceFraction),
          surfaceIs: percent(rinse.after.surfaceFraction),
          meanWas: percent(rinse.before.meanFraction),
          meanIs: percent(rinse.after.meanFraction),
        }),
        {
          figures: [
            { what: words.surfaceBefore, value: rinse.before.surfaceFraction * 100, unit: "%" },
            { what: words.surfaceAfter, value: rinse.after.surfaceFraction * 100, unit: "%" },
            { what: words.meanBefore, value: rinse.before.meanFraction * 100, unit: "%" },
            { what: words.meanAfter, value: rinse.after.meanFraction * 100, unit: "%" },
          ],
          late: words.everyMinuteMoreTakesMore,
        },
      ),
    );
  return steps;
}

const percent = (fraction: number): string => (fraction * 100).toFixed(2);

/** Only what is asked for is boiled; the rest was thrown away when the food came out. */
function leftovers({ input, sheet }: WorkedDish): Step[] {
  const made = (input.companions ?? []).find((c) => c.leftover === "boiled");
  if (!made || sheet.liquidMl <= 0) return [];
  return [
    byHand(
      "boil_leftover",
      "boil",
      BOIL_MIN + 5,
      words.boilWhatLayOnThe(BOIL_MIN),
      words.itGoesIntoTheUnboiled(companionName(made)),
      { look: words.bubblesAllOverThatStirring, occupies: [{ what: "ring" }] },
    ),
  ];
}

function drying({ input, sheet }: WorkedDish): Step[] {
  if (!described(input.preparation).patted) return [];
  const { skin } = input.pieces;
  const dry = byHand("dry", "dry", 5, words.patItDry, words.wetFoodShedsOilAnd, {
    ...(skin && { look: words.skinLikePaper }),
  });
  if (!skin || !hasBath(input)) return [dry];
  return [
    dry,
    begun("air_dry", "dry", AIR_DRY_MIN, words.bareOnARackInto, words.aBrinedSkinBrownsOnly, {
      look: words.skinLikePaper,
      minutes: { least: AIR_DRY_MIN, likely: AIR_DRY_MIN, most: AIR_DRY_MOST_MIN },
      occupies: [{ what: "fridge", litres: Math.ceil((sheet.foodG / 1000) * 2) }, { what: "tray" }],
    }),
  ];
}

function season({ input, sheet }: WorkedDish): Step[] {
  const again = sheet.companions.filter((l) => l.part === "secondSalting");
  const once = again.length === 0 ? [] : [saltOn("season", words.saltTheSurfaceOnceMore, again)];
  const own = (input.companions ?? []).flatMap((companion, i) => {
    if (!PUT_ON.has(companion.kind) || goesOnAt(companion) !== "beforeHeat") return [];
    const lines = linesOf(sheet, i);
    if (lines.length === 0) return [];
    return [saltOn(`${companion.kind}_${i + 1}`, companion.name || PUT_ON_SAID[companion.kind] || "", lines)];
  });
  return [...once, ...own];
}

const PUT_ON_SAID: Partial<Record<CompanionKind, string>> = words.putOnSaid;

const saltOn = (id: string, said: string, lines: readonly SheetLine[]): Step =>
  byHand(id, "season", 3, `${said}: ${listed(lines)}`, words.theLedgerCountsItsSalt, {
    figures: lines.map(gramsOf),
  });

/** Only by the cook's choice: left whole, nothing says to take it apart. */
function takenApart({ input, cook, sheet }: WorkedDish): Step[] {
  const { parts } = cook;
  if (!cook.apart || !parts || parts.length === 0) return [];
  const restG = sheet.foodG * (1 - parts.reduce((sum, p) => sum + (p.share ?? 0), 0));
  const named = parts.map((p) => `${p.name}${p.share ? ` (${gramsText(sheet.foodG * p.share)} g)` : ""}`);
  return [
    byHand(
      "apart",
      "apart",
      10 * Math.min(3, input.pieces.count),
      words.takeItApart(named.join(", ")),
      words.eachPartOnItsOwn,
      {
        figures: [
          ...parts.flatMap((p) =>
            p.share ? [{ what: p.name, value: sheet.foodG * p.share, unit: "g" as const }] : [],
          ),
          { what: words.carcassAndTrimmings, value: restG, unit: "g" as const },
        ],
      },
    ),
  ];
}

function tempering({ cook, input }: WorkedDish): Step[] {
  const minutes = cook.temperMin ?? 0;
  if (minutes <= 0) return [];
  return [
    begun(
      "temper",
      "temper",
      minutes,
      words.outOfTheFridge(lasting(minutes)),
      words.itLosesItsChillAnd(oneDigit(input.holding.temperatureC)),
      { late: words.twoHoursOutOfThe },
    ),
  ];
}
