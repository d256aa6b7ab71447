import type { Formulation } from "@/core/formula/model";
import { endG } from "@/core/formula/dish-ledger";
import type { PastReason } from "@/core/formula/keep-limit";
import { tasteBand } from "@/core/formula/outcome";
import { practiceFor } from "@/core/materials/practice";
import { EVEN_SHARE, OUTSIDE_SHARE, SEASONED_SHARE } from "@/core/diffusion/readiness";
import { COVER_MM } from "@/core/vessel/fit";
import { duration, fixed, grams, litres, percent, roughly } from "@/ui/format";
import { END_NAME } from "@/ui/names";
import type { Explanation } from "@/ui/why";
import type { Worked } from "./worked";
import { whyBake, whyOtherSalt } from "./explain-mixture";

/* The words behind each main figure: the sum with these numbers, the convention, the source, the other school. */

export function whyFlesh({ input, sheet }: Worked): Explanation {
  const share = sheet.flesh.massG / input.pieces.totalMassG;
  return {
    title: "Flesh that takes salt",
    sum: [
      `${grams(input.pieces.totalMassG)} g on the scale × ${percent(share, 0)} % edible = ${grams(sheet.flesh.massG)} g`,
      `of it water ${percent(sheet.flesh.waterFraction, 0)} %, own salt ${percent(sheet.flesh.nativeSaltFraction)} %`,
    ],
    convention: "Bone and unsalted trim take no part in the sums; only edible flesh does.",
    source: `${sheet.food.provenance}${sheet.food.fromMemory ? " (from memory)" : ""}; doubt about ± ${percent(sheet.food.uncertainty, 0)} %.`,
  };
}

export function whySalt(worked: Worked): Explanation {
  const { input, sheet } = worked;
  const purity = `${grams(sheet.naclG)} g of pure salt ÷ ${fixed(sheet.salt.naclFraction, 3)} (${sheet.salt.name}) = ${fixed(sheet.naclG / sheet.salt.naclFraction, 1)} g on the scale`;
  const { preparation } = input;
  if (preparation.kind !== "wetBrine" && preparation.kind !== "dryBrine")
    return whyOtherSalt(worked, preparation, purity);
  if (preparation.kind === "dryBrine") {
    return {
      title: "Salt to weigh out",
      sum: [
        `${percent(preparation.targetFraction)} % × ${grams(sheet.flesh.massG)} g of flesh = ${fixed(sheet.naclG, 1)} g`,
        purity,
      ],
      convention:
        "The dose is a share of the edible weight, put on the faces; nothing is rinsed off. With the flesh's own salt it ends at " +
        `${percent(sheet.endFraction)} % of the finished flesh.`,
      source: "Common practice, no source; mass balance.",
    };
  }
  if (preparation.school === "timed") {
    return {
      title: "Salt to weigh out",
      sum: [
        `${percent(sheet.brine?.saltFraction ?? 0)} % brine: ${grams(sheet.waterG)} g water × ${fixed(sheet.naclG / sheet.waterG, 4)} = ${fixed(sheet.naclG, 1)} g`,
        purity,
      ],
      convention:
        "A strong brine pulled at the right hour. Strength is salt over salt and water; the clock decides what the flesh takes up.",
      source: "Mass balance; strength by the cook.",
      otherSchool: `Left for ever, this bath would bring the flesh to ${percent(sheet.endFraction)} %: the equilibrium school uses only the salt the food should end with, and cannot overshoot.`,
    };
  }
  return whyEquilibriumSalt(worked, preparation, purity);
}

function whyEquilibriumSalt(
  { sheet }: Worked,
  preparation: Extract<Formulation["preparation"], { school: "equilibrium" }>,
  purity: string,
): Explanation {
  const t = preparation.targetFraction;
  const w = sheet.flesh.waterFraction;
  const x = t / (1 - t) / w;
  const own = sheet.flesh.massG * sheet.flesh.nativeSaltFraction;
  const other = grams(sheet.otherConventionNaclG ?? 0);
  const waterPhase = preparation.convention === "waterPhase";
  return {
    title: "Salt to weigh out",
    sum: waterPhase
      ? [
          `salt per water wanted: ${percent(t)} % ÷ ${percent(1 - t)} % ÷ ${fixed(w, 2)} = ${fixed(x, 4)} g/g`,
          `${fixed(x, 4)} × (${grams(sheet.flesh.massG * w)} g in the flesh + ${grams(sheet.waterG)} g) − ${fixed(own, 1)} g it holds = ${fixed(sheet.naclG, 1)} g`,
          purity,
        ]
      : [
          `${percent(t)} % × (${grams(sheet.flesh.massG)} g + ${grams(sheet.waterG)} g) − ${fixed(own, 1)} g it holds = ${fixed(sheet.naclG, 1)} g`,
          purity,
        ],
    convention: waterPhase
      ? "Water-phase: salt lives in the water, so bath and flesh end with the same salt per gram of water. The default, because it is what makes the flesh end at the figure you asked for."
      : `Whole-mass: salt = target × (food + water), the usual kitchen formula. Flesh is only part water, so it ends at ${percent(sheet.endFraction)} %, under the figure you asked for.`,
    source:
      "Mass balance without net movement of water; the whole-mass formula is common practice, no source.",
    otherSchool: waterPhase
      ? `The whole-mass formula would weigh out ${other} g, and the flesh would end lower.`
      : `The water-phase sum would weigh out ${other} g.`,
  };
}

export function whyWater({ input, sheet }: Worked): Explanation {
  const toCover = input.water.mode === "toCover";
  return {
    title: "Water",
    sum: toCover
      ? [
          `floor ${fixed(sheet.fit.floorMm2 / 100, 0)} cm² × (${fixed(sheet.fit.foodHeightMm, 0)} mm of food + ${COVER_MM} mm) − ${litres(sheet.fit.foodMl)} L of food = ${litres(sheet.liquidMl)} L of brine`,
          `of which water ${grams(sheet.waterG)} g: dissolved salt takes room too`,
        ]
      : [`chosen: ${grams(sheet.waterG)} g; with its salt it fills ${litres(sheet.liquidMl)} L`],
    convention: toCover
      ? "Enough to stand just over the food in this vessel, the food's own volume taken off. Pieces are taken as rigid and alike."
      : "The amount is yours; the drawing shows whether it covers.",
    source:
      "Geometry; flesh at 1.05 g/mL (from memory); brine density, International Critical Tables (from memory).",
  };
}

export function whyStrength({ sheet }: Worked): Explanation {
  const b = sheet.brine;
  if (!b) return { title: "Brine strength", sum: ["no brine"], convention: "", source: "" };
  return {
    title: "Brine strength",
    sum: [
      `${fixed(sheet.naclG, 1)} g ÷ (${fixed(sheet.naclG, 1)} + ${grams(sheet.waterG)}) g = ${percent(b.saltFraction)} % w/w`,
      `${fixed(b.gPerLitreWater, 1)} g to a litre of water · ${fixed(b.gPerLitreBrine, 1)} g in a litre of brine`,
      `${fixed(b.salometerDegrees, 1)} ° salometer · ${fixed(b.baumeDegrees, 1)} ° Baumé · SG ${fixed(b.specificGravity, 3)}`,
      `freezes at ${fixed(b.freezingPointC, 1)} °C`,
    ],
    convention:
      "Salt over salt and water, before the food goes in; sugar is not counted. 100 ° salometer is saturated, 26.395 % at 60 °F.",
    source: "International Critical Tables and CRC Handbook, 20 °C (from memory).",
  };
}

export function whyMean({ input, sheet, outcome }: Worked): Explanation {
  return {
    title: `Salt in the flesh at ${duration(input.pullH)}`,
    sum: [
      `surface ${percent(outcome.surfaceFraction)} % · outer third ${percent(outcome.outerThirdFraction)} % · mean ${percent(outcome.meanFraction)} % · centre ${percent(outcome.centreFraction)} %`,
      `${fixed(endG(outcome.ledger, "flesh"), 1)} g of salt in ${grams(sheet.flesh.massG)} g of flesh: ${tasteBand(outcome.meanFraction)}`,
      `D = ${sheet.soak.diffusivityM2PerS.toExponential(2)} m²/s at ${fixed(input.holding.temperatureC, 0)} °C over ${fixed(sheet.soak.body.halfThicknessM * 1000, 0)} mm`,
    ],
    convention:
      "Fick's second law through the thickness, solved in finite volumes; the bath weakens as the flesh takes salt. Shares are of finished flesh.",
    source: `${sheet.food.diffusivitySource}. Real meat is uncertain by a factor of about two.`,
  };
}

const READY_MEANS = {
  outside: `Outside seasoned: the outer third of the thickness at target (within ${percent(1 - OUTSIDE_SHARE, 0)} %), no spot counting for more than the target.`,
  seasoned: `Seasoned: the mean at ${percent(SEASONED_SHARE, 0)} % of the target or more; with dry salt no spot counts for more than the target.`,
  even: `Even: the centre at ${percent(EVEN_SHARE, 0)} % of the mean or more, and seasoned.`,
};

const PAST_MEANS: Record<PastReason, string> = {
  acid_limit: "Past it when acid turns flesh of this kind chalky or mealy (practice).",
  enzyme_limit: "Past it when the fruit's enzymes turn the surface to paste (practice).",
  over_baked: "Past it when it has baked a quarter longer than the latest reckoning.",
  over_salted: "Past it when the mean is 15 % over the target.",
  texture_limit: "Past it when practice says the texture suffers.",
  storage_limit: "Past it when raw food of this kind has been kept as long as the storage chart allows.",
};

export function whyReady({ input, sheet }: Worked): Explanation {
  if (sheet.bake) return whyBake(sheet.bake);
  const { ready, past, pastReason } = sheet.soak.window;
  const practice = practiceFor(sheet.food, sheet.keep.method);
  const hour = (h: number | undefined) => (h === undefined ? "not within 4 days" : roughly(h));
  return {
    title: "When it is ready",
    sum: [
      `ready: early ${hour(ready.early)} · likely ${hour(ready.likely)} · late ${hour(ready.late)}`,
      `past it: likely ${hour(past.likely)}`,
    ],
    convention: `${READY_MEANS[input.readiness]} ${PAST_MEANS[pastReason]} Early and late: 2 mm thinner or thicker, and diffusivity half-way to its published limits. Practice for this: ${practice.minH} to ${practice.maxH} h, usually ${practice.typicalH} h.`,
    source: "Soak engine; limits from the practice table and the USDA FSIS storage chart (from memory).",
    otherSchool:
      ready.likely === undefined
        ? "Salt needs days to reach the middle of thick flesh. Slashes, thinner pieces or a stronger, timed brine shorten the way; “outside seasoned” is what a night gives."
        : undefined,
  };
}

export function whySodium({ input, outcome }: Worked): Explanation {
  const { ledger } = outcome;
  const eaten = ledger.ends.filter((end) => end.eaten);
  return {
    title: "Sodium a portion",
    sum: [
      `(${eaten.map((end) => `${fixed(end.naclG, 1)} g ${END_NAME[end.id]}`).join(" + ")}) × 0.3934 ÷ ${input.portions} = ${fixed(ledger.sodiumMgPerPortion, 0)} mg`,
      `of it ${fixed(ledger.sources.find((s) => s.part === "food")?.naclG ?? 0, 1)} g salt was in the food already (total ${fixed(ledger.eatenG, 1)} g)`,
    ],
    convention:
      "Salt that comes to the table, from every source: what stays in the tub, in the crust or on the tray is not eaten.",
    source:
      "Sodium is 0.3934 of salt, by atomic masses. People on a sodium limit: your clinician's word goes before this.",
  };
}
