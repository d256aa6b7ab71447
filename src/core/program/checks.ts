import { isSeafood } from "../materials/facts";
import { isCrust, type WorkedDish } from "./dish";
import { byHand, type Step, type StepKind } from "./step";

interface Check {
  id: string;
  kind?: StepKind;
  minutes?: number;
  title: string | ((dish: WorkedDish) => string);
  why: string;
  look?: string;
  when: (dish: WorkedDish) => boolean;
}

const wholeFish = ({ sheet: { food } }: WorkedDish) => isSeafood(food) && food.form === "whole";
const scalesStay = ({ input: { preparation: p } }: WorkedDish) => p.kind === "saltCrust" && p.scales === "on";

/** What this food wants before anything is weighed, in the order of work. Sources: USDA FSIS for washing (*from memory*); the rest *practice*. */
const CHECKS: readonly Check[] = [
  {
    id: "check_inspect_fish",
    kind: "inspect",
    title: "Smell and look at the fish",
    why: "Only very fresh fish is worth the salt.",
    look: "Clean sea smell, clear eyes, bright gills; flesh springs back from a thumb.",
    when: ({ sheet: { food } }) => isSeafood(food),
  },
  {
    id: "check_inspect_bird",
    kind: "inspect",
    title: "Look it over: pin feathers, giblets left inside",
    why: "What is left inside spoils the cavity and cannot be weighed away.",
    when: ({ sheet: { food } }) => food.kingdom === "bird",
  },
  {
    id: "check_label",
    kind: "inspect",
    title: "Read the label: solution, brine, sodium",
    why: "Food salted by the packer changes the whole sum; enter it under “Salted by the packer”.",
    when: ({ input, sheet: { food } }) =>
      input.pieces.enhanced === null && (food.kingdom === "bird" || food.group === "pork"),
  },
  {
    id: "check_fins",
    title: "Cut fins off with shears",
    why: "Fins and spines cut hands and bags.",
    when: wholeFish,
  },
  {
    id: "check_scales_on",
    title: "Leave the scales on",
    why: "They keep salt off the flesh, and the crust lifts away with the skin.",
    when: (dish) => wholeFish(dish) && scalesStay(dish),
  },
  {
    id: "check_scale",
    title: "Scale it",
    why: "Salt and paste reach the skin; under a crust brush off with care afterwards.",
    when: (dish) => wholeFish(dish) && !scalesStay(dish),
  },
  {
    id: "check_scrub",
    title: "Scrub it, leave the skin on",
    why: "The skin keeps the salt at the outside; it is peeled off at the table.",
    when: (dish) => isCrust(dish) && dish.sheet.food.kingdom === "plant",
  },
  {
    id: "check_press",
    minutes: 20,
    title: "Press it for 20 min between cloths",
    why: "Pressed, it takes up the paste instead of thinning it.",
    when: ({ sheet: { food } }) => food.kingdom === "plant_gel" && food.form === "block",
  },
  {
    id: "check_dry",
    title: ({ sheet: { food } }) =>
      food.kingdom === "bird" ? "Pat it dry on every face; do not rinse it" : "Pat it dry on every face",
    why: "Wet food sheds oil, paste and spice, and will not crisp; rinsing splashes germs about the sink.",
    when: ({ input }) => input.holding.before === "patDry",
  },
  {
    id: "check_rinse",
    title: "Rinse it, gently and low in the sink, then pat it dry",
    why: "Food-safety authorities advise against washing poultry: splashes carry germs. Wash the sink after it.",
    when: ({ input }) => input.holding.before === "rinse",
  },
  {
    id: "check_score",
    title: ({ input: { pieces } }) =>
      `Slash ${pieces.slashDepthMm} mm deep every ${pieces.slashSpacingMm} mm, both sides`,
    why: "It shortens the way salt must go; the sums count it.",
    when: ({ input }) => input.pieces.slashDepthMm > 0,
  },
];

/** The checks that this food and this preparation want. */
export const checksFor = (dish: WorkedDish): Step[] =>
  CHECKS.filter((check) => check.when(dish)).map(({ id, kind = "clean", minutes = 5, title, why, look }) =>
    byHand(id, kind, minutes, typeof title === "string" ? title : title(dish), why, look ? { look } : {}),
  );
