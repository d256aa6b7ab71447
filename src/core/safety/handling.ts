import { splitProposed } from "../formula/soak/uneven";
import { companionName } from "../formula/weigh/companion-names";
import { INJECTED } from "../materials/official";
import { coolestEndC } from "../program/exits";
import { hazardRule, LOCAL_CODE, type Rule } from "./rule";
import * as words from "@/words/core/safety/handling";

/** Hazard table: two people from here. */
const HEAVY_KG = 7;
const CURING_WORDS = /\b(nitrit\w*|nitrat\w*|saltpet\w*|curing salt\w*|pink cure|prague|cure ?#?[12]\b)/i;

export const HANDLING_RULES: readonly Rule[] = [
  hazardRule("under_min_temp", {
    ...words.underMinTemp,
    check: ({ cook, sheet }) => {
      const { safeMinC, name } = sheet.food;
      const toC = coolestEndC(cook);
      return safeMinC !== null && toC < safeMinC ? { toC, safeMinC, food: name } : undefined;
    },
  }),
  {
    id: "injected_not_whole",
    severity: "stop",
    ...words.injectedNotWhole,
    deferTo: LOCAL_CODE,
    // A bird must come to more than this anyway.
    check: ({ cook, input, sheet }) => {
      if (sheet.contact.kind !== "within" || sheet.food.kingdom !== "mammal") return undefined;
      const toC = coolestEndC(cook);
      const { heldC, holdMin, atOnceC } = INJECTED;
      const done = toC >= atOnceC || (toC >= heldC && cook.restMin >= holdMin);
      return done && !input.servedRaw
        ? undefined
        : { food: sheet.food.name, toC, restMin: cook.restMin, heldC, holdMin, atOnceC };
    },
  },
  hazardRule("washing_poultry", {
    ...words.washingPoultry,
    check: ({ input, sheet }) =>
      input.holding.before === "rinse" && sheet.food.kingdom === "bird"
        ? { food: sheet.food.name }
        : undefined,
  }),
  hazardRule("curing_salts", {
    ...words.curingSalts,
    check: ({ input, sheet, ingredients }) => {
      const flagged = sheet.salt.flags.includes("nitrite")
        ? sheet.salt.name
        : ingredients.find((i) => i.flags.includes("nitrite"))?.name;
      // What a cook writes is no typed fact, but a name or note that asks for it is answered all the same.
      const word = flagged ?? CURING_WORDS.exec(`${input.name} ${input.notes}`)?.[0];
      return word ? { word } : undefined;
    },
  }),
  hazardRule("fridge_drip", {
    ...words.fridgeDrip,
    check: ({ input }) =>
      input.holding.place === "fridge" && !input.holding.covered ? { pullH: input.pullH } : undefined,
  }),
  hazardRule("cross_contamination", {
    severity: "tip",
    ...words.crossContamination,
    check: ({ input }) => {
      const brushed = input.companions?.find((c) => c.kind === "glaze" || c.kind === "baste");
      return brushed ? { what: companionName(brushed) } : undefined;
    },
  }),
  hazardRule("heavy_lift", {
    ...words.heavyLift,
    check: ({ sheet }) => {
      const roundG = sheet.lines.reduce((sum, l) => sum + l.massG, 0);
      const massKg = (sheet.foodG + roundG) / 1000;
      return massKg > HEAVY_KG ? { massKg } : undefined;
    },
  }),
  {
    id: "uneven_pieces",
    severity: "caution",
    ...words.unevenPieces,
    check: ({ input, sheet }) => {
      const split = splitProposed(input, sheet);
      return split && split.kind === "sizes"
        ? { lots: split.lots.map((l) => l.name).join(words.and), ratio: split.timesRatio }
        : undefined;
    },
  },
];
