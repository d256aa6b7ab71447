import { EVEN_SHARE, OUTSIDE_SHARE, SEASONED_SHARE } from "@/core/diffusion/readiness";
import { endG } from "@/core/formula/account/dish-ledger";
import { tasteBand } from "@/core/formula/account/outcome";
import type { PastReason } from "@/core/formula/soak/keep-limit";
import { joins } from "@/core/formula/weigh/lines";
import { practiceFor } from "@/core/materials/practice";
import { described } from "@/core/preparations";
import {
  SALOMETER_FULL_FRACTION,
  SODIUM_PER_SALT,
  WATER_DENSITY_G_PER_ML,
} from "@/core/solution/sodium-chloride";
import { COVER_MM } from "@/core/vessel/fit";
import type { Explanation } from "@/ui/explanation";
import { exact, fixed, grams, percent, roughly } from "@/ui/format";
import { END_NAME } from "@/ui/names";
import { whyBake } from "./explain-mixture";
import { sayShape } from "./explain-shape";
import type { Worked } from "./worked";
import * as words from "@/words/bench/explain";

/*
 * The words behind each main figure: the sum with these numbers, the convention, the source, the other school. Whoever
 * does a sum again from the numbers shown comes to the result shown.
 */

export function whyFlesh({ sheet }: Worked): Explanation {
  const share = sheet.flesh.massG / sheet.foodG;
  return {
    sum: [
      words.gOfAllPiecesEdible({
        foodG: exact(sheet.foodG),
        share: exact(share * 100),
        massG: grams(sheet.flesh.massG),
      }),
      words.ofItWaterOwnSalt(percent(sheet.flesh.waterFraction, 0), percent(sheet.flesh.nativeSaltFraction)),
    ],
    convention: words.boneAndUnsaltedTrimTake,
    source: words.fromMemoryDoubtAbout({
      provenance: sheet.food.provenance,
      fromMemory: sheet.food.fromMemory,
      uncertainty: percent(sheet.food.uncertainty, 0),
    }),
  };
}

export function whyWater({ input, sheet }: Worked): Explanation {
  if (sheet.contact.kind === "within") return whyBrineWater(sheet);
  const toCover = input.water.mode === "toCover";
  const plainG = sheet.liquids?.plainG ?? sheet.waterG;
  const linesG = sheet.waterG - plainG;
  const fromLines = linesG > 0.5 ? [words.withGOfWaterThat(grams(linesG))] : [];
  /** Its shape is not a floor times a height. */
  const own = input.vessel.shape === "pail" || input.vessel.shape === "bag";
  const round = input.vessel.shape === "pail" ? words.aPailWidensItsOwn : "";
  return {
    sum: toCover
      ? [
          own
            ? words.toStandMmOverMm({
                coverMm: COVER_MM,
                foodHeightMm: fixed(sheet.fit.foodHeightMm, 0),
                round,
                liquidMl: exact(sheet.liquidMl, 6),
              })
            : words.floorTimesHeight({
                floorCm2: exact(sheet.fit.floorMm2 / 100),
                heightCm: exact((sheet.fit.foodHeightMm + COVER_MM) / 10),
                foodMl: exact(sheet.fit.foodMl),
                liquidMl: fixed(sheet.liquidMl, 0),
              }),
          ...(own ? [] : [words.theFoodStandsMmHigh(fixed(sheet.fit.foodHeightMm, 0), COVER_MM)]),
          words.ofWhichWaterGDissolved(grams(sheet.waterG)),
          ...fromLines,
        ]
      : [words.chosenGWithAllThat(grams(plainG), fixed(sheet.liquidMl, 0)), ...fromLines],
    convention: words.enoughToStandJustOver(toCover),
    source: words.geometryFleshAt105,
  };
}

/** A brine weighed by the food: what all else in it leaves for water. */
function whyBrineWater({ lines, foodG }: Worked["sheet"]): Explanation {
  const brineG = lines.reduce((sum, l) => sum + (joins(l.where) ? l.massG : 0), 0);
  const waterG = lines.find((l) => l.role === "water")?.massG ?? 0;
  return {
    sum: [
      words.gOfAllPiecesG({ foodG: exact(foodG), brineShare: exact(brineG / foodG), brineG: grams(brineG) }),
      words.gOfBrineGOf({ brineG: exact(brineG), inItG: exact(brineG - waterG), waterG: grams(waterG) }),
    ],
    convention: words.brineByTheWeightOn,
    source: words.massBalanceHowMuchGoes,
  };
}

export function whyStrength({ sheet }: Worked): Explanation {
  const b = sheet.brine;
  if (!b) return { sum: [words.noBrine], convention: "", source: "" };
  const s = b.saltFraction;
  return {
    sum: [
      `${exact(sheet.naclG)} g ÷ (${exact(sheet.naclG)} + ${exact(sheet.waterG)}) g × 100 = ${percent(s)} % w/w`,
      words.gOfWaterInA({
        amount: exact(s * 100),
        waterDensityGPerMl: exact(WATER_DENSITY_G_PER_ML * 1000),
        gPerLitreWater: fixed(b.gPerLitreWater, 1),
      }),
      words.salometer({
        amount: exact(s * 100),
        salometerFullFraction: SALOMETER_FULL_FRACTION * 100,
        salometerDegrees: fixed(b.salometerDegrees, 1),
      }),
      words.ofSpecificGravityBaume(exact(b.specificGravity), fixed(b.baumeDegrees, 1)),
      words.gInALitreOf({
        gPerLitreBrine: fixed(b.gPerLitreBrine, 1),
        specificGravity: fixed(b.specificGravity, 3),
        freezingPointC: fixed(b.freezingPointC, 1),
      }),
    ],
    convention: words.saltOverSaltAndWater,
    source: words.internationalCriticalTablesAnd,
  };
}

export function whyMean({ input, sheet, outcome }: Worked): Explanation {
  const inFleshG =
    endG(outcome.ledger, "flesh") + endG(outcome.ledger, "stock") + endG(outcome.ledger, "rinsed");
  const alike = outcome.alongside.length === 0;
  const meanFraction = percent(outcome.meanFraction);
  const { massG } = sheet.soaked;
  const toHeat = outcome.toHeat.meanFraction;
  const { enters, last } = described(input.preparation).words.spots;
  return {
    sum: [
      alike
        ? words.whenItIsTakenOut({ inFleshG: exact(inFleshG), massG: exact(massG), meanFraction })
        : words.whenAllAreTakenOut({ inFleshG: grams(inFleshG), massG: grams(massG), meanFraction }),
      ...sayRinse(sheet, outcome),
      words.toTheHeatAt(percent(toHeat), tasteBand(toHeat)),
      words.outerThirdMean({
        enters,
        surfaceFraction: percent(outcome.surfaceFraction),
        outerThirdFraction: percent(outcome.outerThirdFraction),
        meanFraction,
        last,
        centreFraction: percent(outcome.centreFraction),
      }),
      words.mSAtCOver({
        toExponential: sheet.soak.diffusivityM2PerS.toExponential(2),
        temperatureC: fixed(input.holding.temperatureC, 0),
        halfThicknessM: fixed(sheet.soak.body.halfThicknessM * 1000, 0),
      }),
      ...sayWarmth(input, sheet),
      ...sayShape(input, sheet),
    ],
    convention: words.ficksSecondLawSolvedIn(MEETS[sheet.contact.kind]),
    source: words.realMeatIsUncertainBy(sheet.food.diffusivitySource),
  };
}

/** What fresh water takes, where it is rinsed. */
const sayRinse = ({ rinseMin }: Worked["sheet"], { meanFraction, toHeat }: Worked["outcome"]): string[] =>
  rinseMin === undefined
    ? []
    : [words.minInFreshWaterTake(fixed(rinseMin, 0), percent(meanFraction - toHeat.meanFraction))];

const MEETS: Record<Worked["sheet"]["contact"]["kind"], string> = words.meets;

/** A bath that does not begin as cold as it is held. */
function sayWarmth(input: Worked["input"], { soak }: Worked["sheet"]): string[] {
  const { warmth, thawing } = soak.problem;
  if (thawing)
    return [
      words.goesInFrozenThawedThrough(
        thawing.thawedH === undefined ? words.over2Days : words.about(fixed(thawing.thawedH, 0)),
        fixed(thawing.coldestC, 1),
      ),
    ];
  if (!warmth) return [];
  return [
    words.beginsAtAboutCWith({
      metC: fixed(warmth.metC, 0),
      temperatureC: fixed(input.holding.temperatureC, 0),
      timeConstantH: fixed(3 * warmth.timeConstantH, 0),
    }),
  ];
}

const READY_MEANS = {
  outside: words.outsideSeasonedTheOuterThird(percent(1 - OUTSIDE_SHARE, 0)),
  seasoned: words.seasonedTheMeanAtOf(percent(SEASONED_SHARE, 0)),
  even: words.evenTheCentreOrHalf(percent(EVEN_SHARE, 0)),
};

const PAST_MEANS: Record<PastReason, string> = words.pastMeans;

export function whyReady({ input, sheet }: Worked): Explanation {
  if (sheet.bake) return whyBake(sheet.bake);
  const { ready, past, pastReason } = sheet.soak.window;
  const practice = practiceFor(sheet.food, sheet.keep.method);
  const hour = (h: number | undefined) => (h === undefined ? words.notWithin4Days : roughly(h));
  return {
    sum: [
      words.readyEarlyLikelyLate({
        early: hour(ready.early),
        likely: hour(ready.likely),
        late: hour(ready.late),
      }),
      words.stoodTooLongLikely(hour(past.likely)),
    ],
    convention: words.earlyAndLate15Closer({
      readiness: READY_MEANS[input.readiness],
      pastReason: PAST_MEANS[pastReason],
      kind: sheet.contact.kind,
      minH: practice.minH,
      maxH: practice.maxH,
      typicalH: practice.typicalH,
    }),
    source: words.soakEngineLimitsFromThe,
    otherSchool: ready.likely === undefined ? words.theWayFromStabTo(sheet.contact.kind) : undefined,
  };
}

export function whySodium({ input, outcome }: Worked): Explanation {
  const { ledger } = outcome;
  const eaten = ledger.ends.filter((end) => end.eaten);
  return {
    sum: [
      `(${eaten.map((end) => `${exact(end.naclG)} g ${END_NAME[end.id]}`).join(" + ")}) × ${SODIUM_PER_SALT * 1000} mg ÷ ${input.portions} = ${fixed(ledger.sodiumMgPerPortion, 0)} mg`,
      words.ofItGSaltWas(
        fixed(ledger.sources.find((s) => s.part === "food")?.naclG ?? 0, 1),
        fixed(ledger.eatenG, 1),
      ),
    ],
    convention: words.saltThatComesToThe,
    source: words.sodiumIs03934Of,
  };
}
