import { goesOnAt, linesOf, PUT_ON } from "../formula/weigh/companions";
import type { SheetLine } from "../formula/weigh/lines";
import type { Companion, CompanionKind } from "../formulation";
import { gramsText } from "../quantity/said";
import { isCrust, type WorkedDish } from "./dish";
import { gramsOf, listed } from "./figures";
import { byHand, type Step } from "./step";
import { stockOf } from "./stock";

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
          ? `Make the ${lowerFirst(name)}: ${listed(lines)}`
          : `While it cooks, ${NAMES[companion.kind]}: ${listed(lines)}`,
        companion.leftover ? "With what lay on the food, boiled first." : "Its salt is in the ledger.",
        { figures: lines.map(gramsOf) },
      ),
    ];
  });
}

const NAMES = {
  butter: "butter",
  sauce: "sauce",
  dressing: "dressing",
  baste: "basting",
  glaze: "glaze",
  bed: "bed",
  coat: "coat",
  drizzle: "drizzle over it",
  salting: "salt it",
} as const satisfies Record<CompanionKind, string>;

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
  const said = each.map(
    ({ c, lines }) => `; ${goesOnAt(c) === "atTable" ? "at the table" : "over it"} ${listed(lines)}`,
  );
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
    ? byHand(
        "serve",
        "serve",
        minutes,
        `Crack round the side, lift off, brush the salt away, serve${last.said}`,
        "Steam comes out: face away, gloves.",
        {
          look: "A clean knife; no salt on the flesh.",
          figures: last.lines.map(gramsOf),
        },
      )
    : byHand(
        "serve",
        "serve",
        minutes,
        `${pieceG >= LARGE_G ? "Carve and serve" : "Dish up and serve"}${last.said}`,
        pieceG >= LARGE_G ? "Across the grain, on a clean board." : "On warm plates.",
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
      `Carcass and trimmings to the stock: ${gramsText(left.massG)} g`,
      `They carry ${(left.saltFraction * 100).toFixed(1)} % salt, ${left.saltG.toFixed(1)} g in all: taste the stock before any more goes in.`,
      {
        figures: [
          { what: "carcass and trimmings", value: left.massG, unit: "g" },
          { what: "salt in them", value: left.saltG, unit: "g" },
          { what: "salt in them", value: left.saltFraction * 100, unit: "%" },
        ],
      },
    ),
  ];
}

const chillLeftovers = (): Step =>
  byHand(
    "chill_leftovers",
    "store",
    5,
    "Chill what is left, in shallow boxes",
    "Within two hours of the heat; 4 °C or below.",
    {
      late: "After two hours warm it is thrown away.",
    },
  );
