import { rinseOf } from "../formula/soak/rinse";
import { actsOf } from "../formula/weigh";
import { goesOnAt, linesOf, PUT_ON } from "../formula/weigh/companions";
import type { SheetLine } from "../formula/weigh/lines";
import type { CompanionKind } from "../formulation";
import { described, hasBath } from "../preparations";
import { gramsText, lasting, oneDigit } from "../quantity/said";
import { noSoak, isCrust, type WorkedDish } from "./dish";
import { gramsOf, listed } from "./figures";
import { begun, byHand, type Step } from "./step";

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
        `Into fresh cold water, ${lasting(rinse.minutes)}`,
        `It takes the surface from ${percent(rinse.before.surfaceFraction)} to ${percent(rinse.after.surfaceFraction)} % salt, and the whole from ${percent(rinse.before.meanFraction)} to ${percent(rinse.after.meanFraction)} %.`,
        {
          figures: [
            { what: "surface, before", value: rinse.before.surfaceFraction * 100, unit: "%" },
            { what: "surface, after", value: rinse.after.surfaceFraction * 100, unit: "%" },
            { what: "mean, before", value: rinse.before.meanFraction * 100, unit: "%" },
            { what: "mean, after", value: rinse.after.meanFraction * 100, unit: "%" },
          ],
          late: "Every minute more takes more salt out.",
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
      `Boil what lay on the raw food, ${BOIL_MIN} min at a rolling boil`,
      `It goes into the ${made.name || made.kind}; unboiled it carries what was on the raw food.`,
      { look: "Bubbles all over that stirring does not stop.", occupies: [{ what: "ring" }] },
    ),
  ];
}

function drying({ input, sheet }: WorkedDish): Step[] {
  if (!described(input.preparation).patted) return [];
  const { skin } = input.pieces;
  const dry = byHand("dry", "dry", 5, "Pat it dry", "Wet food sheds oil and will not brown.", {
    ...(skin && { look: "Skin like paper." }),
  });
  if (!skin || !hasBath(input)) return [dry];
  return [
    dry,
    begun(
      "air_dry",
      "dry",
      AIR_DRY_MIN,
      "Bare on a rack into the fridge, an hour or more",
      "A brined skin browns only once it is dry.",
      {
        look: "Skin like paper.",
        minutes: { least: AIR_DRY_MIN, likely: AIR_DRY_MIN, most: AIR_DRY_MOST_MIN },
        occupies: [{ what: "fridge", litres: Math.ceil((sheet.foodG / 1000) * 2) }, { what: "tray" }],
      },
    ),
  ];
}

function season({ input, sheet }: WorkedDish): Step[] {
  const again = sheet.companions.filter((l) => l.part === "secondSalting");
  const once = again.length === 0 ? [] : [saltOn("season", "Salt the surface once more", again)];
  const own = (input.companions ?? []).flatMap((companion, i) => {
    if (!PUT_ON.has(companion.kind) || goesOnAt(companion) !== "beforeHeat") return [];
    const lines = linesOf(sheet, i);
    if (lines.length === 0) return [];
    return [saltOn(`${companion.kind}_${i + 1}`, companion.name || PUT_ON_SAID[companion.kind] || "", lines)];
  });
  return [...once, ...own];
}

const PUT_ON_SAID: Partial<Record<CompanionKind, string>> = {
  coat: "Coat it",
  drizzle: "Drizzle over it",
  salting: "Salt it",
};

const saltOn = (id: string, said: string, lines: readonly SheetLine[]): Step =>
  byHand(id, "season", 3, `${said}: ${listed(lines)}`, "The ledger counts its salt.", {
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
      `Take it apart: ${named.join(", ")}`,
      "Each part on its own tray has its own time and its own end.",
      {
        figures: [
          ...parts.flatMap((p) =>
            p.share ? [{ what: p.name, value: sheet.foodG * p.share, unit: "g" as const }] : [],
          ),
          { what: "carcass and trimmings", value: restG, unit: "g" as const },
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
      `Out of the fridge, ${lasting(minutes)}`,
      `It loses its chill and cooks more evenly; from ${oneDigit(input.holding.temperatureC)} °C the outside warms first.`,
      { late: "Two hours out of the cold in all, one where it is over 32 °C." },
    ),
  ];
}
