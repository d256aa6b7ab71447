import { splitProposed } from "../formula/soak/uneven";
import { INJECTED } from "../materials/official";
import { coolestEndC } from "../program/exits";
import { hazardRule, LOCAL_CODE, type Rule } from "./rule";

/** Hazard table: two people from here. */
const HEAVY_KG = 7;
const CURING_WORDS = /\b(nitrit\w*|nitrat\w*|saltpet\w*|curing salt\w*|pink cure|prague|cure ?#?[12]\b)/i;

export const HANDLING_RULES: readonly Rule[] = [
  hazardRule("under_min_temp", {
    because: "Cooked to {{toC}} °C; the official minimum for {{food}} is {{safeMinC}} °C.",
    check: ({ cook, sheet }) => {
      const { safeMinC, name } = sheet.food;
      const toC = coolestEndC(cook);
      return safeMinC !== null && toC < safeMinC ? { toC, safeMinC, food: name } : undefined;
    },
  }),
  {
    id: "injected_not_whole",
    severity: "stop",
    title: "Injected meat is no whole cut any more",
    because:
      "The needle carries what was on the outside of {{food}} inwards. Cooked to {{toC}} °C with {{restMin}} min of rest; it wants {{heldC}} °C with {{holdMin}} min, or {{atOnceC}} °C.",
    instead: "Cook it further, or salt it dry or in a bath and leave it whole inside: then it may be rarer.",
    source: "FDA Food Code 3-401.11 (from memory)",
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
    because: "Raw food uncovered in the fridge for {{pullH}} h.",
    check: ({ input }) =>
      input.holding.place === "fridge" && !input.holding.covered ? { pullH: input.pullH } : undefined,
  }),
  hazardRule("cross_contamination", {
    severity: "tip",
    because: "{{what}} goes on with a brush: one that touched raw food carries its germs.",
    check: ({ input }) => {
      const brushed = input.companions?.find((c) => c.kind === "glaze" || c.kind === "baste");
      return brushed ? { what: brushed.name || brushed.kind } : undefined;
    },
  }),
  hazardRule("heavy_lift", {
    because: "Food and what is round it weigh {{massKg}} kg.",
    check: ({ sheet }) => {
      const roundG = sheet.lines.reduce((sum, l) => sum + l.massG, 0);
      const massKg = (sheet.foodG + roundG) / 1000;
      return massKg > HEAVY_KG ? { massKg } : undefined;
    },
  }),
  {
    id: "uneven_pieces",
    severity: "caution",
    title: "Too unlike to share one time",
    because: "{{lots}}: the thick ones need {{ratio}} times as long.",
    instead: "Split them: {{lots}}, each on its own tray, each with its own time.",
    source: "soak engine: time goes with thickness squared",
    deferTo: "your own eye",
    check: ({ input, sheet }) => {
      const split = splitProposed(input, sheet);
      return split && split.kind === "sizes"
        ? { lots: split.lots.map((l) => l.name).join(" and "), ratio: split.timesRatio }
        : undefined;
    },
  },
];
