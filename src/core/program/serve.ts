import { COMPANION_NAME } from "../formula/weigh/companion-names";
import { goesOnAt, linesOf, PUT_ON } from "../formula/weigh/companions";
import type { SheetLine } from "../formula/weigh/lines";
import type { Companion, CompanionKind } from "../formulation";
import { gramsText } from "../quantity/said";
import { isCrust, type WorkedDish } from "./dish";
import { gramsOf, listed } from "./figures";
import { byHand, type Step } from "./step";
import { stockOf } from "./stock";
import * as words from "@/words/core/program/serve";

/** A large piece takes longer to carve. *Practice*. */
const CARVE_MIN = { large: 10, small: 5 };
const LARGE_G = 1000;
/** Leftovers are cold within two hours of the table (hazard table). */
export const LEFTOVERS_MIN = 120;

/** Sauces, butters and dressings are made while the food is in the heat; salt given then goes on then. */
const isBeside = (companion: Companion): boolean =>
  MADE_BESIDE.has(companion.kind) || (PUT_ON.has(companion.kind) && goesOnAt(companion) === "inHeat");
const MADE_BESIDE: ReadonlySet<CompanionKind> = new Set(["butter", "sauce", "dressing", "baste"]);
const BESIDE_MIN = 10;

/** What is made beside it, its own grams filled in. */
export function besideSteps({ input, sheet }: WorkedDish): Step[] {
  return (input.companions ?? []).flatMap((companion, i): Step[] => {
    if (!isBeside(companion)) return [];
    const lines = linesOf(sheet, i);
    if (lines.length === 0) return [];
    const name = companion.name || NAMES[companion.kind];
    return [
      byHand(
        `beside_${i + 1}`,
        "beside",
        BESIDE_MIN,
        MADE_BESIDE.has(companion.kind)
          ? words.makeThe(lowerFirst(name), listed(lines))
          : words.whileItCooks(NAMES[companion.kind], listed(lines)),
        words.withWhatLayOnThe(Boolean(companion.leftover)),
        { figures: lines.map(gramsOf) },
      ),
    ];
  });
}

const NAMES = { ...COMPANION_NAME, ...words.putOn };

const lowerFirst = (text: string): string =>
  /^[A-Z][a-z]/.test(text) ? text.charAt(0).toLowerCase() + text.slice(1) : text;

/** What goes on once it is out of the heat, or at the table. */
function lastOn({ input, sheet }: WorkedDish): { said: string; lines: SheetLine[] } {
  const each = (input.companions ?? [])
    .map((c, i) => ({ c, lines: linesOf(sheet, i) }))
    .filter(
      ({ c, lines }) =>
        lines.length > 0 && PUT_ON.has(c.kind) && (goesOnAt(c) === "afterHeat" || goesOnAt(c) === "atTable"),
    );
  const said = each.map(({ c, lines }) => `; ${words.atTheTable(goesOnAt(c))} ${listed(lines)}`);
  return { said: said.join(""), lines: each.flatMap(({ lines }) => lines) };
}

/** Opened or carved, to the table; the carcass to the stock; what is left into the fridge. */
export function servingSteps(dish: WorkedDish): Step[] {
  const { cook, input } = dish;
  const pieceG = input.pieces.totalMassG / input.pieces.count;
  const crust = isCrust(dish);
  const minutes = cook.carveMin ?? (crust || pieceG >= LARGE_G ? CARVE_MIN.large : CARVE_MIN.small);
  const last = lastOn(dish);
  const serve = crust
    ? byHand("serve", "serve", minutes, words.crackRoundTheSideLift(last.said), words.steamComesOutFaceAway, {
        look: words.aCleanKnifeNoSalt,
        figures: last.lines.map(gramsOf),
      })
    : byHand(
        "serve",
        "serve",
        minutes,
        `${words.carveAndServe(pieceG >= LARGE_G)}${last.said}`,
        words.acrossTheGrainOnA(pieceG >= LARGE_G),
        { figures: last.lines.map(gramsOf) },
      );
  return [serve, ...stock(dish), chillLeftovers()];
}

function stock({ sheet, soakH }: WorkedDish): Step[] {
  const left = stockOf(sheet, soakH);
  if (!left) return [];
  return [
    byHand(
      "stock",
      "stock",
      10,
      words.carcassAndTrimmingsToThe(gramsText(left.massG)),
      words.theyCarrySaltGIn((left.saltFraction * 100).toFixed(1), left.saltG.toFixed(1)),
      {
        figures: [
          { what: words.carcassAndTrimmings, value: left.massG, unit: "g" },
          { what: words.saltInThem, value: left.saltG, unit: "g" },
          { what: words.saltInThem, value: left.saltFraction * 100, unit: "%" },
        ],
      },
    ),
  ];
}

const chillLeftovers = (): Step =>
  byHand("chill_leftovers", "store", 5, words.chillWhatIsLeftIn, words.withinTwoHoursOfThe, {
    late: words.afterTwoHoursWarmIt,
  });
