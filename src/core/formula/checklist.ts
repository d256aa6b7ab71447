import { isSeafood } from "../materials/lookup";
import { coldWaterThawMin, fridgeThawH } from "../heat/thaw";
import type { Formulated } from "./formulate";
import type { Formulation } from "./model";
import { splitProposed } from "./uneven";

/** One thing to do before the preparation, why, and what to look for. Figures fill the {{places}}. */
export interface CheckItem {
  id: string;
  act: string;
  why: string;
  look?: string;
  data?: Record<string, number | string>;
}

interface Rule extends CheckItem {
  when: (input: Formulation, sheet: Formulated) => boolean;
  fill?: (input: Formulation, sheet: Formulated) => Record<string, number | string>;
}

const wholeFish = (input: Formulation, { food }: Formulated) => isSeafood(food) && food.form === "whole";

/** In the order of work. Sources: USDA FSIS for thawing and washing (*from memory*); the rest *practice*. */
const RULES: readonly Rule[] = [
  {
    id: "inspect_fish",
    act: "Smell and look at the fish",
    why: "Only very fresh fish is worth the salt.",
    look: "Clean sea smell, clear eyes, bright gills; flesh springs back from a thumb.",
    when: (_, { food }) => isSeafood(food),
  },
  {
    id: "inspect_bird",
    act: "Look it over: pin feathers, giblets left inside",
    why: "What is left inside spoils the cavity and cannot be weighed away.",
    when: (_, { food }) => food.kingdom === "bird",
  },
  {
    id: "label",
    act: "Read the label: solution, brine, sodium",
    why: "Food salted by the packer changes the whole sum; enter it under “Salted by the packer”.",
    when: (input, { food }) =>
      input.pieces.enhanced === null && (food.kingdom === "bird" || food.group === "pork"),
  },
  {
    id: "thaw_fridge",
    act: "Thaw in the fridge, {{low}} to {{high}} h, wrapped, on a tray",
    why: "24 h for each 4 to 5 lb at 4 °C or below keeps the outside cold while the middle thaws.",
    when: (input) => input.pieces.thaw === "fridge",
    fill: (input) => {
      const { low, high } = fridgeThawH(input.pieces.totalMassG / input.pieces.count);
      return { low: Math.round(low), high: Math.round(high) };
    },
  },
  {
    id: "thaw_water",
    act: "Thaw in cold water, {{minutes}} min, sealed; change the water every 30 min",
    why: "30 min a pound. Go on at once: it must not stand about afterwards.",
    when: (input) => input.pieces.thaw === "coldWater",
    fill: (input) => ({
      minutes: Math.round(coldWaterThawMin(input.pieces.totalMassG / input.pieces.count)),
    }),
  },
  {
    id: "fins",
    act: "Cut fins off with shears",
    why: "Fins and spines cut hands and bags.",
    when: wholeFish,
  },
  {
    id: "scales_on",
    act: "Leave the scales on",
    why: "They keep salt off the flesh, and the crust lifts away with the skin.",
    when: (input, sheet) =>
      wholeFish(input, sheet) && input.preparation.kind === "saltCrust" && input.preparation.scales === "on",
  },
  {
    id: "scale",
    act: "Scale it",
    why: "Salt and paste reach the skin; under a crust brush off with care afterwards.",
    when: (input, sheet) =>
      wholeFish(input, sheet) &&
      !(input.preparation.kind === "saltCrust" && input.preparation.scales === "on"),
  },
  {
    id: "scrub",
    act: "Scrub it, leave the skin on",
    why: "The skin keeps the salt at the outside; it is peeled off at the table.",
    when: (input, { food }) => input.preparation.kind === "saltCrust" && food.kingdom === "plant",
  },
  {
    id: "no_washing",
    act: "Do not rinse it: pat it with paper",
    why: "Rinsing splashes germs about the sink.",
    when: (_, { food }) => food.kingdom === "bird",
  },
  {
    id: "press",
    act: "Press it for 20 min between cloths",
    why: "Pressed, it takes up the paste instead of thinning it.",
    when: (_, { food }) => /^tofu/.test(food.id),
  },
  {
    id: "dry",
    act: "Pat it dry on every face",
    why: "Wet food sheds oil, paste and spice, and will not crisp.",
    when: (input) => input.holding.before === "patDry",
  },
  {
    id: "score",
    act: "Slash {{depth}} mm deep every {{spacing}} mm",
    why: "It shortens the way salt must go; the sums count it.",
    when: (input) => input.pieces.slashDepthMm > 0,
    fill: ({ pieces }) => ({ depth: pieces.slashDepthMm, spacing: pieces.slashSpacingMm }),
  },
  {
    id: "split",
    act: "Split it: {{lots}}, each on its own tray with its own time",
    why: "Time goes with thickness squared: the thick ones need {{ratio}} times as long.",
    when: (input, sheet) => splitProposed(input, sheet) !== undefined,
    fill: (input, sheet) => {
      const split = splitProposed(input, sheet);
      return {
        lots: split?.lots.map((l) => l.name).join(" and ") ?? "",
        ratio: (split?.timesRatio ?? 1).toFixed(1),
      };
    },
  },
  {
    id: "reserve",
    act: "Set the clean part aside now, in its own bowl",
    why: "What touches raw food is boiled or thrown away.",
    when: (input) => input.reserve !== undefined,
  },
];

/** What to do before this food meets this preparation. */
export function checklistFor(input: Formulation, sheet: Formulated): CheckItem[] {
  return RULES.filter((rule) => rule.when(input, sheet)).map(({ id, act, why, look, fill }) => ({
    id,
    act,
    why,
    ...(look && { look }),
    ...(fill && { data: fill(input, sheet) }),
  }));
}
