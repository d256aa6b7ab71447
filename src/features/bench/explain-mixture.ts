import type { Bake, CrustFigures } from "@/core/formula/weigh/prepared";
import type { CrustPreparation } from "@/core/formulation";
import { BODY_SHARE, RULE_RATIO } from "@/core/vessel/crust-shell";
import type { Explanation } from "@/ui/explanation";
import { exact, fixed, grams, percent } from "@/ui/format";
import type { Worked } from "./worked";
import * as words from "@/words/bench/explain-mixture";

/* The words behind the figures of marinades, pastes, rubs, crusts and cures. */

/** The outer body less the food: over each side and the top, under below; half-axes or edges in mm. */
function shellSum(p: CrustPreparation, crust: CrustFigures, count: number): string {
  const { overMm, underMm } = p;
  const a = crust.food.lengthMm * (p.ends === "out" ? BODY_SHARE : 1);
  const { widthMm: b, heightMm: c } = crust.food;
  const high = `(${exact(c)} + ${exact(overMm)} + ${exact(underMm)})`;
  const times = count > 1 ? ` × ${count}` : "";
  const end = words.mlOfSalt(times, fixed(crust.shellMl, 0));
  if (p.form === "box")
    return `((${exact(a)} + 2 × ${exact(overMm)}) × (${exact(b)} + 2 × ${exact(overMm)}) × ${high} − ${exact(a)} × ${exact(b)} × ${exact(c)}) ${end}`;
  return `(${exact((2 * Math.PI) / 3)} × (${exact(a / 2)} + ${exact(overMm)}) × (${exact(b / 2)} + ${exact(overMm)}) × ${high} − ${exact(Math.PI / 6)} × ${exact(a)} × ${exact(b)} × ${exact(c)}) ${end}`;
}

/** Why the rule and the geometry differ: this salt's density, the thickness, what stands out. */
function ruleCause({ sheet, input }: Worked): string {
  const p = input.preparation;
  const { crust } = sheet;
  if (!crust || p.kind !== "saltCrust") return "";
  const out = p.ends === "out" ? words.withHeadAndTailOut : "";
  return words.atGMlTheRules({
    packedGPerMl: fixed(crust.packedGPerMl, 2),
    ruleEvenMm: fixed(crust.ruleEvenMm, 0),
    out,
  });
}

export function whyCrust(worked: Worked): Explanation {
  const { sheet, input } = worked;
  const p = input.preparation;
  const crust = sheet.crust;
  if (!crust || p.kind !== "saltCrust") return { sum: [], convention: "", source: "" };
  const { lengthMm, widthMm, heightMm } = crust.food;
  return {
    sum:
      p.saltBy === "given"
        ? [
            words.gPackedAtGMl({
              saltG: exact(crust.saltG),
              packedGPerMl: exact(crust.packedGPerMl),
              evenMm: fixed(crust.evenMm, 0),
            }),
            words.gAsYouHaveIt({
              saltG: exact(crust.saltG),
              foodG: exact(sheet.foodG),
              ratio: fixed(crust.ratio, 2),
            }),
          ]
        : p.saltBy === "rule"
          ? [words.gOfFood({ ruleRatio: RULE_RATIO, foodG: exact(sheet.foodG), ruleG: grams(crust.ruleG) })]
          : [
              words.foodEstimatedFromWeightAnd({
                lengthMm: fixed(lengthMm, 0),
                widthMm: fixed(widthMm, 0),
                heightMm: fixed(heightMm, 0),
                estimated: crust.estimated,
                form: p.form,
                ends: p.ends,
              }),
              shellSum(p, crust, input.pieces.count),
              words.gMlPacked({
                shellMl: exact(crust.shellMl),
                packedGPerMl: exact(crust.packedGPerMl),
                saltG: grams(crust.saltG),
              }),
              words.gOfFoodTo1({
                saltG: exact(crust.saltG),
                foodG: exact(sheet.foodG),
                ratio: fixed(crust.ratio, 2),
              }),
            ],
    convention: words.theShellsVolumeTimesThe,
    source: words.geometryDensitiesSaltsTable,
    otherSchool: [
      p.saltBy !== "rule" && words.theTradesRuleTo1(RULE_RATIO, grams(crust.ruleG)),
      (p.saltBy === "rule" || p.saltBy === "given") &&
        words.mmOverAndMmUnder({
          overMm: fixed(p.overMm, 1),
          underMm: fixed(p.underMm, 1),
          geometryG: grams(crust.geometryG),
        }),
      ruleCause(worked),
    ]
      .filter(Boolean)
      .join(" "),
  };
}

export function whyBake(bake: Bake): Explanation {
  return {
    sum: bake.rules.map((rule) =>
      words.forTheOvenForThe({
        minutesPerKg: exact(rule.minutesPerKg),
        pieceKg: exact(rule.pieceKg),
        minutesPer25Mm: exact(rule.minutesPer25Mm),
        thicknessMm: exact(rule.thicknessMm),
        fixedMinutes: exact(rule.fixedMinutes),
        ovenFactor: exact(rule.ovenFactor),
        coreFactor: exact(rule.coreFactor),
        minutes: fixed(rule.minutes, 0),
      }),
    ),
    convention: words.minutesByWeightAndBy,
    source: words.commonPracticeNoSourceOven,
  };
}

export function whySour({ sheet }: Worked): Explanation {
  const { mix } = sheet;
  return {
    sum: [
      words.ofMlOfWateryLiquid({
        which: mix?.pH === undefined ? "—" : fixed(mix.pH, 2),
        aqueousMl: fixed(mix?.aqueousMl ?? 0, 0),
        fatFraction: percent(mix?.fatFraction ?? 0, 0),
      }),
      words.acidToPh81({
        citricG: exact(mix?.citricG ?? 0),
        foodG: exact(sheet.foodG / 1000),
        citricPerKgG: fixed(sheet.citricPerKgG ?? 0, 1),
      }),
    ],
    convention: words.chargeBalanceOfTheAcids,
    source: words.pkaAt25CCrc,
  };
}

export function whyCoat({ sheet }: Worked): Explanation {
  const { coat, paste } = sheet;
  return {
    sum: coat
      ? [
          words.gOutsideDmGDm({
            outsideG: exact(coat.perDm2G * sheet.surfaceDm2),
            surface: exact(sheet.surfaceDm2),
            perDm2: fixed(coat.perDm2G, 1),
          }),
          words.gToTheKilogram({
            massG: exact(coat.massG),
            foodG: exact(sheet.foodG / 1000),
            perKgG: fixed(coat.perKgG, 0),
          }),
          paste
            ? words.asThickAsAskedIt({
                neededG: grams(paste.neededG),
                freeWaterG: grams(paste.freeWaterG),
                binderG: grams(paste.binderG),
              })
            : words.theFaceHoldsAboutSticks(grams(coat.holdsG), percent(coat.stuckShare, 0)),
        ]
      : [],
    convention: words.surfaceFromWeightThicknessAnd,
    source: words.geometryCommonPracticeNoSource,
  };
}
