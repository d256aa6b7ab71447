import { degrees, spokenMinutes } from "../quantity/said";
import { isCrust, type WorkedDish } from "./dish";
import type { Exit } from "./exits";
import { byHand, type Step } from "./step";
import * as words from "@/words/core/program/probing";

/* How a cook ends: what is looked for, what the probe is to read, and the taking out. */

const SIGNS = words.signs;
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
  const where = exit.name ? words.the(exit.name) : words.theThickestPart;
  return byHand(
    id,
    "probe",
    2,
    words.probeThroughTheCrustOut({ where, crust, outC: exit.outC }),
    words.theThermometerDecidesOutOf(climbText(exit), degrees(exit.endC)),
    {
      look:
        safeMinC === null ? signOf(dish, exit) : words.officialMinimum(signOf(dish, exit), degrees(safeMinC)),
      figures: [
        { what: words.outAt, value: exit.outC, unit: "°C" },
        { what: words.endsAt, value: exit.endC, unit: "°C" },
      ],
      late: words.notReadNobodyKnowsWhether,
    },
  );
}

/** "about 5 to 9 °C", "up to 1 °C", "hardly at all". */
export function climbText({ climb }: Pick<Exit, "climb">): string {
  const [low, high] = [Math.round(climb.low), Math.round(climb.high)];
  if (high < 1) return words.hardlyAtAll;
  if (low < 1 && high > low) return words.upTo(high);
  return words.about({ alike: low === high, high, low });
}

export function takeOut(dish: WorkedDish, exit: Exit, id: string): Step {
  const crust = isCrust(dish);
  const named = words.named(exit.name);
  const sign = crust ? words.theCrustRingsHardGolden(signOf(dish, exit)) : signOf(dish, exit);
  return {
    ...byHand(
      id,
      "ovenOut",
      2,
      words.takeOutAt(named, exit.outC),
      words.itClimbsMoreOnThe({ climb: climbText(exit), plate: plateText(exit), time: timeText(exit) }),
      {
        look: sign,
        figures: [
          { what: words.outAt, value: exit.outC, unit: "°C" },
          { what: words.endsAt, value: exit.endC, unit: "°C" },
        ],
        late: words.everyMinuteMoreDriesIt,
      },
    ),
    ends: { by: "core", channel: exit.channel, outC: exit.outC, endC: exit.endC },
  };
}

/** "63 to 67 °C": what it ends at. @param overC how far it is past its exit already, °C */
export function plateText({ endC, climb }: Pick<Exit, "endC" | "climb">, overC = 0): string {
  const least = overC > 0 ? Math.round(endC + overC) : endC;
  const most = Math.round(least + climb.high - climb.low);
  return most <= Math.round(least) ? `${degrees(least)} °C` : words.to(degrees(least), most);
}

/** What the published table asks at an end under the one-moment minimum, and what this cook gives. */
export function timeText({ time }: Pick<Exit, "time">): string {
  if (!time) return "";
  const given =
    time.reachedMin === undefined
      ? words.notEnoughByTheTable(spokenMinutes(time.givenMin))
      : spokenMinutes(time.givenMin);
  return words.atCThePublishedTable({
    atC: degrees(time.atC),
    askedMin: spokenMinutes(time.askedMin),
    given,
  });
}
