import { actsOf } from "../formula/weigh";
import { saltedFaces } from "../formula/weigh/salted-faces";
import { described, describedKind, isWet, type PreparationKind } from "../preparations";
import { capital, gramsText, lasting, oneDigit } from "../quantity/said";
import { coolerIce, ICE_MOST_MIN } from "./cooler-ice";
import { HOUR, isCrust, noSoak, type WorkedDish } from "./dish";
import { listed } from "./figures";
import { byHand, byItself, type Occupies, type Step, type Tie } from "./step";
import * as words from "@/words/core/program/soak";

/** Turned or stirred so often, h, unless it lies dry. *Practice*: about every eight hours. */
const TURN_EVERY_H = 8;
/** A turn may be so far off its hour, so that it never needs the night; two lie at least so far apart, min. *Practice*. */
const TURN_SLACK_MIN = 4 * HOUR;
const TURNS_APART_MIN = 3 * HOUR;
/** Nothing is turned so shortly before it is taken out, min. *Practice*. */
const TURN_BEFORE_END_MIN = HOUR;
/** Where it stands, and in what. */
export function standsIn({ input, sheet }: WorkedDish): Occupies[] {
  const { place } = input.holding;
  const food = sheet.foodG / 1000;
  const liquid = sheet.liquidMl / 1000;
  // The vessel, or the pieces on a tray with air about them.
  const litres = Math.ceil(liquid > 0 ? (food + liquid) * 1.3 : food * 2);
  return [
    { what: liquid > 0 ? "vessel" : "tray" },
    ...(place === "cooler" ? [{ what: "cooler" as const }] : []),
    ...(place === "fridge" ? [{ what: "fridge" as const, litres }] : []),
  ];
}

/** Going in, standing, turned and iced, taken out. */
export function soakSteps(dish: WorkedDish): { steps: Step[]; ties: Tie[] } {
  if (isCrust(dish)) return { steps: [], ties: [] };
  const goIn = goingIn(dish);
  if (noSoak(dish)) return { steps: [goIn], ties: [] };
  const minutes = dish.soakH * HOUR;
  const { place } = dish.input.holding;
  const soak = byItself(
    "soak",
    "soak",
    minutes,
    soakTitle(dish.input.preparation.kind, minutes),
    words.atCovered({
      place: PLACE[place],
      temperatureC: oneDigit(dish.input.holding.temperatureC),
      covered: dish.input.holding.covered,
    }),
    { occupies: standsIn(dish), figures: [{ what: words.stands, value: dish.soakH, unit: "h" }] },
  );
  const turned = turns(dish, minutes);
  const iced = place === "cooler" ? ice(dish) : { steps: [], ties: [] };
  const out = takingOut(dish);
  return {
    steps: [
      { ...goIn, atMin: 0 },
      { ...soak, atMin: 0 },
      ...[...turned.steps, ...iced.steps].sort((a, b) => a.atMin - b.atMin),
      { ...out, atMin: minutes },
    ],
    ties: [
      // It stands from the moment it is in: the minutes of putting it in are its first.
      tie("go_in", "start", "soak", "start", 0, 0),
      ...turned.ties,
      ...iced.ties,
      tie("soak", "end", "lift_out", "start", 0, 0),
    ],
  };
}

/** What a soak of so many minutes is called. */
export const soakTitle = (kind: PreparationKind, minutes: number): string =>
  `${capital(describedKind(kind).words.stands)}, ${lasting(minutes)}`;

const PLACE = words.place;

export const tie = (
  before: string,
  from: Tie["from"],
  after: string,
  to: Tie["to"],
  leastMin: number,
  mostMin?: number,
  extra: Partial<Tie> = {},
): Tie => ({ before, from, after, to, leastMin, ...(mostMin !== undefined && { mostMin }), ...extra });

function goingIn(dish: WorkedDish): Step {
  const { input, sheet } = dish;
  const straight = noSoak(dish);
  const { lines, liquidMl } = sheet;
  const made = lines.reduce((sum, l) => sum + l.massG, 0);
  const massG = straight || !input.reserve ? made : made * (1 - input.reserve.share);
  const cooled = input.holding.place === "cooler" && !straight;
  const { firstG } = coolerIce(dish);
  const { title, why, look } = actsOf(input.preparation).goesIn(input.preparation, {
    massG,
    foodG: sheet.foodG,
    liquidMl,
    lines: listed(lines),
    straight,
    faces: saltedFaces(input),
  });
  return byHand("go_in", "goIn", 5, `${title}${cooled ? words.gIceAboutIt(gramsText(firstG)) : ""}`, why, {
    ...(look && { look }),
    figures: [
      { what: words.onOrAboutIt, value: massG, unit: "g" },
      ...(cooled ? [{ what: words.ice, value: firstG, unit: "g" as const }] : []),
    ],
  });
}

function turns({ sheet }: WorkedDish, minutes: number): { steps: Step[]; ties: Tie[] } {
  const wet = sheet.liquidMl > 0;
  const steps: Step[] = [];
  const ties: Tie[] = [];
  for (let h = TURN_EVERY_H; wet && h * HOUR < minutes - TURN_BEFORE_END_MIN; h += TURN_EVERY_H) {
    const id = `turn_${h}`;
    const at = h * HOUR;
    const last = steps.at(-1);
    steps.push({
      ...byHand("", "turn", 3, words.turnItPressItUnder, words.spentLiquidLiesAgainstThe),
      id,
      atMin: at,
    });
    ties.push(
      tie("soak", "start", id, "start", Math.max(0, at - TURN_SLACK_MIN), at + TURN_SLACK_MIN, {
        wantedMin: at,
        gently: true,
        wish: "soak",
      }),
      tie(id, "end", "soak", "end", TURN_BEFORE_END_MIN, undefined, { wish: "soak" }),
    );
    if (last) ties.push(tie(last.id, "end", id, "start", TURNS_APART_MIN, undefined, { wish: "soak" }));
  }
  return { steps, ties };
}

/** Looked at so often that no gap is over five hours, the last one to the lift-out included. */
function ice(dish: WorkedDish): { steps: Step[]; ties: Tie[] } {
  const { looksAtH, topUpG } = coolerIce(dish);
  const wish = { wish: "ice" as const };
  const steps = looksAtH.map((hour, i): Step => ({
    ...byHand(
      `ice_${i + 1}`,
      "ice",
      3,
      words.lookAtTheIceTop(topUpG, gramsText(topUpG)),
      words.iceMeltsRawFoodStays,
      {
        look: words.theThermometerReads4C,
        late: words.overFiveHoursWithoutA,
        figures: topUpG > 0 ? [{ what: words.ice, value: topUpG, unit: "g" }] : [],
      },
    ),
    atMin: hour * HOUR,
  }));
  const ties = steps.map((step, i): Tie => {
    const before = steps[i - 1];
    const wanted = { ...wish, wantedMin: step.atMin - (before?.atMin ?? 0), gently: true as const };
    return before
      ? tie(before.id, "start", step.id, "start", 30, ICE_MOST_MIN, wanted)
      : tie("soak", "start", step.id, "start", 0, ICE_MOST_MIN, wanted);
  });
  const last = steps.at(-1);
  if (last) ties.push(tie(last.id, "start", "soak", "end", 30, ICE_MOST_MIN - 1, wish));
  return { steps, ties };
}

function takingOut(dish: WorkedDish): Step {
  const { input, sheet } = dish;
  const keeps = sheet.soak.window.keepLimitH;
  const left = isWet(input) ? words.whatIsLeftInThe : "";
  const boiled = (input.companions ?? []).some((c) => c.leftover !== undefined);
  return byHand(
    "lift_out",
    "takeOut",
    5,
    described(input.preparation).words.takeOut,
    words.theRailSaysWhenA(boiled, left),
    { late: words.itKeepsInAllAnd(lasting(keeps * HOUR)) },
  );
}
