import { degrees, spokenMinutes } from "../quantity/said";
import { isCrust, type WorkedDish } from "./dish";
import type { Exit } from "./exits";
import { byHand, type Step } from "./step";

/* How a cook ends: what is looked for, what the probe is to read, and the taking out. */

const SIGNS = {
  bird: "Juices run clear, the leg's joint loosens.",
  fish: "It flakes and is opaque to the bone.",
  tender: "A fork turns in it.",
  flesh: "It springs back under a thumb.",
  root: "A skewer slides in.",
} as const;
/** From here on a joint is cooked to fall apart, °C. *Practice*. */
const TENDER_FROM_C = 85;

/** What to look for beside the thermometer. *Practice*. */
function signOf({ sheet: { food } }: WorkedDish, exit: Exit): string {
  if (food.kingdom === "plant" || food.kingdom === "fungus") return SIGNS.root;
  if (food.kingdom === "bird") return SIGNS.bird;
  if (food.kingdom === "mammal") return exit.endC >= TENDER_FROM_C ? SIGNS.tender : SIGNS.flesh;
  return food.group === "fish" ? SIGNS.fish : SIGNS.flesh;
}

/** The look at the probe before it comes out. */
export function probing(dish: WorkedDish, exit: Exit, id: string): Step {
  const crust = isCrust(dish);
  const { safeMinC } = dish.sheet.food;
  const where = exit.name ? `the ${exit.name}` : "the thickest part";
  return byHand(
    id,
    "probe",
    2,
    `Probe ${where}${crust ? ", through the crust" : ""}: out at ${exit.outC} °C`,
    `The thermometer decides. Out of the heat it climbs ${climbText(exit)}, to end at ${degrees(exit.endC)} °C.`,
    {
      look:
        safeMinC === null
          ? signOf(dish, exit)
          : `${signOf(dish, exit)} Official minimum ${degrees(safeMinC)} °C.`,
      figures: [
        { what: "out at", value: exit.outC, unit: "°C" },
        { what: "ends at", value: exit.endC, unit: "°C" },
      ],
      late: "Not read, nobody knows whether the middle is done.",
    },
  );
}

/** "about 5 to 9 °C", "up to 1 °C", "hardly at all". */
export function climbText({ climb }: Pick<Exit, "climb">): string {
  const [low, high] = [Math.round(climb.low), Math.round(climb.high)];
  if (high < 1) return "hardly at all";
  if (low < 1 && high > low) return `up to ${high} °C`;
  return low === high ? `about ${high} °C` : `about ${low} to ${high} °C`;
}

export function takeOut(dish: WorkedDish, exit: Exit, id: string): Step {
  const crust = isCrust(dish);
  const named = exit.name ? `the ${exit.name}` : "it";
  const sign = crust ? `The crust rings hard, golden to brown. ${signOf(dish, exit)}` : signOf(dish, exit);
  return {
    ...byHand(
      id,
      "ovenOut",
      2,
      `Take ${named} out at ${exit.outC} °C`,
      `It climbs ${climbText(exit)} more: ${plateText(exit)} on the plate.${timeText(exit)}`,
      {
        look: sign,
        figures: [
          { what: "out at", value: exit.outC, unit: "°C" },
          { what: "ends at", value: exit.endC, unit: "°C" },
        ],
        late: "Every minute more dries it.",
      },
    ),
    ends: { by: "core", channel: exit.channel, outC: exit.outC, endC: exit.endC },
  };
}

/** "63 to 67 °C": what it ends at. @param overC how far it is past its exit already, °C */
export function plateText({ endC, climb }: Pick<Exit, "endC" | "climb">, overC = 0): string {
  const least = overC > 0 ? Math.round(endC + overC) : endC;
  const most = Math.round(least + climb.high - climb.low);
  return most <= Math.round(least) ? `${degrees(least)} °C` : `${degrees(least)} to ${most} °C`;
}

/** What the published table asks at an end under the one-moment minimum, and what this cook gives. */
export function timeText({ time }: Pick<Exit, "time">): string {
  if (!time) return "";
  const given =
    time.reachedMin === undefined
      ? `${spokenMinutes(time.givenMin)}, not enough by the table`
      : spokenMinutes(time.givenMin);
  return ` At ${degrees(time.atC)} °C the published table asks ${spokenMinutes(time.askedMin)}; this cook gives ${given}.`;
}
