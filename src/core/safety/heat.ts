import { minutesOf, ovenMinutes, stagesOf } from "../formula/cook/cook";
import { isOven } from "../formula/cook/cook-stages";
import type { Cook, Formulation } from "../formulation";
import { glazeWindowMin } from "../heat/glaze";
import { isOneHeat } from "../heat/oven";
import { FISH_SAFE_C, ROAST_FLOOR_C } from "../materials/official";
import { isBaked } from "../preparations";
import { exitsOf, type Exit } from "../program/exits";
import { spokenMinutes } from "../quantity/said";
import { hazardRule, LOCAL_CODE, type FindingData, type Rule } from "./rule";
import * as words from "@/words/core/safety/heat";
import { firstOf } from "../sequence";

/** A coat that blackens in 20 to 30 min of such an oven (ingredient table). */
const COAT_BURNS_AFTER_MIN = 25;
const SUGARY = 0.05;
const PLASTIC: ReadonlySet<string> = new Set(["food_plastic", "unknown_plastic"]);
/** Under this share of the trade's minutes a cook is said to be short. *Practice*, estimate. */
const SHORTER_THAN = 0.8;

/** The oven's heats the cook named; none where none was. */
function heatsNamed(input: Formulation, cook: Cook): number[] {
  if (cook.stages)
    return stagesOf(input, cook)
      .filter(isOven)
      .map((s) => s.ovenC);
  return cook.ovenC === undefined ? [] : [cook.ovenC];
}

/** Where each stretch of a part lies, in minutes before all have rested. */
const stretchesBefore = ({ name, heated, restMin, minutes }: Exit) => {
  let leftMin = minutes;
  return heated.map(({ airC, minutes: takes }) => {
    const from = restMin + leftMin;
    leftMin -= takes;
    return { name, airC, from, until: restMin + leftMin };
  });
};

/** Of parts that are to have rested together: the two that stand longest in the oven at once, each at a heat of its own. */
function twoHeatsAtOnce(exits: readonly Exit[]): FindingData | undefined {
  const all = exits.flatMap(stretchesBefore);
  const [worst] = all
    .flatMap((a, i) =>
      all.slice(i + 1).map((b) => ({ a, b, minutes: Math.min(a.from, b.from) - Math.max(a.until, b.until) })),
    )
    .filter(({ a, b, minutes }) => a.name !== b.name && minutes > 0 && !isOneHeat(a.airC, b.airC))
    .sort((one, other) => other.minutes - one.minutes);
  return worst
    ? {
        first: worst.a.name,
        firstC: Math.round(worst.a.airC),
        second: worst.b.name,
        secondC: Math.round(worst.b.airC),
        minutes: Math.round(worst.minutes),
      }
    : undefined;
}

export const HEAT_RULES: readonly Rule[] = [
  hazardRule("sugar_scorch", {
    ...words.sugarScorch,
    check: ({ sheet: { mix, coat, snug }, cook }) => {
      if (!mix || !(coat || snug) || cook.ovenC === undefined || mix.scorchC === undefined) return undefined;
      return mix.sugarFraction > SUGARY && cook.ovenC >= mix.scorchC && cook.minutes > COAT_BURNS_AFTER_MIN
        ? {
            sugarPercent: mix.sugarFraction * 100,
            scorchC: mix.scorchC,
            ovenC: cook.ovenC,
            minutes: cook.minutes,
          }
        : undefined;
    },
  }),
  hazardRule("sugar_scorch", {
    id: "glaze_too_early",
    ...words.glazeTooEarly,
    check: ({ input, cook }) => {
      const glaze = input.companions?.find((c) => c.kind === "glaze");
      if (!glaze?.lastMin || cook.ovenC === undefined) return undefined;
      const { low, high } = glazeWindowMin(cook.ovenC);
      return glaze.lastMin > high ? { lastMin: glaze.lastMin, ovenC: cook.ovenC, low, high } : undefined;
    },
  }),
  hazardRule("smoke_broiler", {
    ...words.smokeBroiler,
    check: ({ cook }) => (cook.broil ? {} : undefined),
  }),
  hazardRule("glass_shock", {
    ...words.glassShock,
    check: ({ input, cook }) =>
      input.vessel.material === "glass" && (cook.inColdDish || cook.broil) ? {} : undefined,
  }),
  hazardRule("slow_oven", {
    ...words.slowOven,
    // Every stage counts: a hot end does not make up for hours in a cool oven.
    check: ({ input, sheet, cook }) => {
      const heats = heatsNamed(input, cook);
      const ovenC = Math.min(...heats);
      return heats.length > 0 && ovenC < ROAST_FLOOR_C && sheet.food.safeMinC !== null && sheet.foodG > 2000
        ? { massKg: sheet.foodG / 1000, ovenC, floorC: ROAST_FLOOR_C }
        : undefined;
    },
  }),
  {
    id: "vessel_in_oven",
    severity: "stop",
    ...words.vesselInOven,
    check: ({ input, cook }) => {
      const goesIn = isBaked(input) || cook.inColdDish === true;
      const { material, shape } = input.vessel;
      if (!goesIn || !(shape === "bag" || shape === "cooler" || shape === "pail" || PLASTIC.has(material)))
        return undefined;
      const stage = firstOf(stagesOf(input, cook));
      return {
        vessel: words.aBag(shape),
        ovenC: stage.ovenC,
      };
    },
  },
  {
    id: "tray_too_short",
    severity: "caution",
    ...words.trayTooShort,
    check: ({ input, sheet }) => {
      const { crust } = sheet;
      if (!crust) return undefined;
      const { lengthMm, widthMm } = input.vessel;
      const long = Math.max(lengthMm, widthMm);
      const needed = Math.max(crust.tray.lengthMm, crust.tray.widthMm);
      return needed > long ? { neededMm: Math.round(needed), trayMm: Math.round(long) } : undefined;
    },
  },
  {
    id: "time_at_temperature",
    severity: "caution",
    ...words.timeAtTemperature,
    deferTo: LOCAL_CODE,
    check: ({ input, sheet }) => {
      const [time] = exitsOf(input, sheet)
        .flatMap((e) => e.time ?? [])
        .sort((a, b) => a.givenMin / a.askedMin - b.givenMin / b.askedMin);
      if (!time) return undefined;
      return {
        endC: time.atC,
        asked: spokenMinutes(time.askedMin),
        given: spokenMinutes(time.givenMin),
        reached:
          time.reachedMin === undefined
            ? words.whichIsNotEnoughBy
            : words.reachedMinAfterItGoes(Math.round(time.reachedMin)),
      };
    },
  },
  {
    id: "shorter_than_practice",
    severity: "caution",
    ...words.shorterThanPractice,
    check: ({ input, sheet, cook }) => {
      if (sheet.crust || cook.apart) return undefined;
      const ovens = stagesOf(input, cook).filter(isOven);
      const minutes = ovenMinutes(ovens);
      if (minutes <= 0) return undefined;
      const airC = ovens.reduce((sum, s) => sum + s.ovenC * s.minutes, 0) / minutes;
      const heat = {
        ovenC: airC,
        ovenOffC: input.heatHere?.ovenOffC,
        cover: firstOf(ovens).cover,
        endC: cook.toC,
        restMin: cook.restMin,
      };
      const { trade } = minutesOf(sheet.food, input.pieces, heat);
      return trade && minutes < SHORTER_THAN * trade.minutes
        ? { minutes: Math.round(minutes), trade: Math.round(trade.minutes), form: trade.rule.form }
        : undefined;
    },
  },
  {
    id: "two_heats_at_once",
    severity: "caution",
    ...words.twoHeatsAtOnce,
    check: ({ input, sheet, cook }) => (cook.apart ? twoHeatsAtOnce(exitsOf(input, sheet)) : undefined),
  },
  hazardRule("raw_fish_parasites", {
    ...words.rawFishParasites,
    check: ({ input, sheet, cook }) => {
      if (!sheet.food.flags.includes("parasites")) return undefined;
      if (input.servedRaw) return { food: sheet.food.name, how: words.eatenRaw };
      return cook.toC < FISH_SAFE_C ? { food: sheet.food.name, how: words.cookedTo(cook.toC) } : undefined;
    },
  }),
  hazardRule("stuffing_bird", {
    ...words.stuffingBird,
    check: ({ input, sheet }) =>
      input.pieces.stuffed && sheet.food.kingdom === "bird" ? { food: sheet.food.name } : undefined,
  }),
  hazardRule("no_thermometer", {
    ...words.noThermometer,
    check: ({ kitchen, sheet }) =>
      !kitchen.thermometer && sheet.food.safeMinC !== null
        ? { food: sheet.food.name, safeMinC: sheet.food.safeMinC }
        : undefined,
  }),
  hazardRule("leftovers", {
    severity: "tip",
    ...words.leftovers,
    check: ({ input, sheet }) => {
      const each = sheet.foodG / input.portions;
      return each > 1.25 * sheet.food.servingHeartyG
        ? { grams: Math.round(sheet.flesh.massG / input.portions) }
        : undefined;
    },
  }),
];
