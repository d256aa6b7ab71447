import { cookOffered } from "../formula/plate";
import { hazardRule, type Rule } from "./rule";

const CURING_WORDS = /\b(nitrit\w*|nitrat\w*|saltpet\w*|curing salt\w*|pink cure|prague|cure ?#?[12]\b)/i;

export const HANDLING_RULES: readonly Rule[] = [
  hazardRule("under_min_temp", {
    because: "Cooked to {{toC}} °C; the official minimum for {{food}} is {{safeMinC}} °C.",
    check: ({ input, sheet }) => {
      const { toC } = input.cook ?? cookOffered(sheet.load, input.pieces.thicknessMm);
      const { safeMinC, name } = sheet.food;
      return safeMinC !== null && toC < safeMinC ? { toC, safeMinC, food: name } : undefined;
    },
  }),
  hazardRule("washing_poultry", {
    because: "Rinsing raw {{food}} splashes germs about the sink.",
    check: ({ input, sheet }) =>
      input.holding.before === "rinse" && sheet.food.kingdom === "bird"
        ? { food: sheet.food.name }
        : undefined,
  }),
  hazardRule("curing_salts", {
    title: "Nitrite is out of scope",
    because:
      "“{{word}}” is named. Iron Crock does not compute nitrite or nitrate cures, canning or long keeping.",
    check: ({ input }) => {
      const word = CURING_WORDS.exec(`${input.name} ${input.notes}`)?.[0];
      return word ? { word } : undefined;
    },
  }),
  hazardRule("fridge_drip", {
    because: "Raw food uncovered in the fridge for {{pullH}} h.",
    check: ({ input }) =>
      input.holding.place === "fridge" && !input.holding.covered ? { pullH: input.pullH } : undefined,
  }),
];
