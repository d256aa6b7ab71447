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

/*
 * The words behind each main figure: the sum with these numbers, the convention, the source, the other school. Whoever
 * does a sum again from the numbers shown comes to the result shown.
 */

export function whyFlesh({ sheet }: Worked): Explanation {
  const share = sheet.flesh.massG / sheet.foodG;
  return {
    sum: [
      `${exact(sheet.foodG)} g of all pieces × ${exact(share * 100)} % edible = ${grams(sheet.flesh.massG)} g`,
      `of it water ${percent(sheet.flesh.waterFraction, 0)} %, own salt ${percent(sheet.flesh.nativeSaltFraction)} %`,
    ],
    convention: "Bone and unsalted trim take no part in the sums; only meat without bone does.",
    source: `${sheet.food.provenance}${sheet.food.fromMemory ? " (from memory)" : ""}; doubt about ± ${percent(sheet.food.uncertainty, 0)} %.`,
  };
}

export function whyWater({ input, sheet }: Worked): Explanation {
  if (sheet.contact.kind === "within") return whyBrineWater(sheet);
  const toCover = input.water.mode === "toCover";
  const plainG = sheet.liquids?.plainG ?? sheet.waterG;
  const linesG = sheet.waterG - plainG;
  const fromLines = linesG > 0.5 ? [`with ${grams(linesG)} g of water that the other lines bring`] : [];
  /** Its shape is not a floor times a height. */
  const own = input.vessel.shape === "pail" || input.vessel.shape === "bag";
  const round = input.vessel.shape === "pail" ? " (a pail widens: its own shape is reckoned)" : "";
  return {
    sum: toCover
      ? [
          own
            ? `to stand ${COVER_MM} mm over ${fixed(sheet.fit.foodHeightMm, 0)} mm of food${round}: ${exact(sheet.liquidMl, 6)} ml of brine`
            : `${exact(sheet.fit.floorMm2 / 100)} cm² × ${exact((sheet.fit.foodHeightMm + COVER_MM) / 10)} cm − ${exact(sheet.fit.foodMl)} ml of food = ${fixed(sheet.liquidMl, 0)} ml of brine`,
          ...(own
            ? []
            : [`the food stands ${fixed(sheet.fit.foodHeightMm, 0)} mm high, with ${COVER_MM} mm over it`]),
          `of which water ${grams(sheet.waterG)} g: dissolved salt takes room too`,
          ...fromLines,
        ]
      : [
          `chosen: ${grams(plainG)} g; with all that dissolves in it, ${fixed(sheet.liquidMl, 0)} ml`,
          ...fromLines,
        ],
    convention: toCover
      ? "Enough to stand just over the food in this vessel, the food's own volume taken off. Pieces are taken as rigid and alike. What is poured in with it (cider, stock, milk, syrup) counts as water for its water; the plain water gives way to it."
      : "The amount is yours, to the gram; what is poured in with it (cider, stock, milk, syrup) comes on top and counts as water for its water. The drawing shows whether it covers.",
    source:
      "Geometry; flesh at 1.05 g/mL (from memory); brine density, International Critical Tables (from memory).",
  };
}

/** A brine weighed by the food: what all else in it leaves for water. */
function whyBrineWater({ lines, foodG }: Worked["sheet"]): Explanation {
  const brineG = lines.reduce((sum, l) => sum + (joins(l.where) ? l.massG : 0), 0);
  const waterG = lines.find((l) => l.role === "water")?.massG ?? 0;
  return {
    sum: [
      `${exact(foodG)} g of all pieces × ${exact(brineG / foodG)} = ${grams(brineG)} g of brine`,
      `${exact(brineG)} g of brine − ${exact(brineG - waterG)} g of salt and all else in it = ${grams(waterG)} g of water`,
    ],
    convention: "Brine by the weight on the scale, bone and skin included, as the needle's user weighs it.",
    source: "Mass balance; how much goes in is common practice, no source.",
  };
}

export function whyStrength({ sheet }: Worked): Explanation {
  const b = sheet.brine;
  if (!b) return { sum: ["no brine"], convention: "", source: "" };
  const s = b.saltFraction;
  return {
    sum: [
      `${exact(sheet.naclG)} g ÷ (${exact(sheet.naclG)} + ${exact(sheet.waterG)}) g × 100 = ${percent(s)} % w/w`,
      `${exact(s * 100)} ÷ (100 − ${exact(s * 100)}) × ${exact(WATER_DENSITY_G_PER_ML * 1000)} g of water in a litre = ${fixed(b.gPerLitreWater, 1)} g to a litre of water`,
      `${exact(s * 100)} ÷ ${SALOMETER_FULL_FRACTION * 100} × 100 = ${fixed(b.salometerDegrees, 1)} ° salometer`,
      `145 − 145 ÷ ${exact(b.specificGravity)} of specific gravity = ${fixed(b.baumeDegrees, 1)} ° Baumé`,
      `${fixed(b.gPerLitreBrine, 1)} g in a litre of brine · SG ${fixed(b.specificGravity, 3)} · freezes at ${fixed(b.freezingPointC, 1)} °C`,
    ],
    convention:
      "Salt over salt and water, before the food goes in; sugar is not counted. 100 ° salometer is saturated, 26.395 % at 60 °F.",
    source: "International Critical Tables and CRC Handbook, 20 °C (from memory).",
  };
}

export function whyMean({ input, sheet, outcome }: Worked): Explanation {
  const inFleshG =
    endG(outcome.ledger, "flesh") + endG(outcome.ledger, "stock") + endG(outcome.ledger, "rinsed");
  const alike = outcome.alongside.length === 0;
  const toHeat = outcome.toHeat.meanFraction;
  const { enters, last } = described(input.preparation).words.spots;
  return {
    sum: [
      alike
        ? `${exact(inFleshG)} g ÷ (${exact(sheet.soaked.massG)} + ${exact(inFleshG)}) g × 100 = ${percent(outcome.meanFraction)} % when it is taken out`
        : `${grams(inFleshG)} g in ${grams(sheet.soaked.massG)} g of flesh of all sizes; the main pieces ${percent(outcome.meanFraction)} % when they are taken out`,
      ...sayRinse(sheet, outcome),
      `to the heat at ${percent(toHeat)} %: ${tasteBand(toHeat)}`,
      `${enters} ${percent(outcome.surfaceFraction)} % · outer third ${percent(outcome.outerThirdFraction)} % · mean ${percent(outcome.meanFraction)} % · ${last} ${percent(outcome.centreFraction)} %`,
      `D: ${sheet.soak.diffusivityM2PerS.toExponential(2)} m²/s at ${fixed(input.holding.temperatureC, 0)} °C over ${fixed(sheet.soak.body.halfThicknessM * 1000, 0)} mm`,
      ...sayWarmth(input, sheet),
      ...sayShape(input, sheet),
    ],
    convention: `Fick's second law, solved in finite volumes${MEETS[sheet.contact.kind]}. Shares are of the finished flesh, its own salt counted.`,
    source: `${sheet.food.diffusivitySource}. Real meat is uncertain by a factor of about two.`,
  };
}

/** What fresh water takes, where it is rinsed. */
const sayRinse = ({ rinseMin }: Worked["sheet"], { meanFraction, toHeat }: Worked["outcome"]): string[] =>
  rinseMin === undefined
    ? []
    : [
        `${fixed(rinseMin, 0)} min in fresh water take ${percent(meanFraction - toHeat.meanFraction)} % of it off again`,
      ];

const MEETS: Record<Worked["sheet"]["contact"]["kind"], string> = {
  bath: "; the bath weakens as the flesh takes salt. Flesh may end up to a tenth weaker than the brine: the lower edge of the band allows for it",
  drySalt: "; salt on the face is a saturated film until it is used up",
  crust: "; the crust's salt stays saturated, through skin and scales",
  within: "; what was put in spreads from stab to stab, and none of it leaves",
};

/** A bath that does not begin as cold as it is held. */
function sayWarmth(input: Worked["input"], { soak }: Worked["sheet"]): string[] {
  const { warmth, thawing } = soak.problem;
  if (thawing)
    return [
      `goes in frozen: thawed through in ${thawing.thawedH === undefined ? "over 2 days" : `about ${fixed(thawing.thawedH, 0)} h`}, the bath down to ${fixed(thawing.coldestC, 1)} °C; no salt enters ice, and little what is so cold`,
    ];
  if (!warmth) return [];
  return [
    `begins at about ${fixed(warmth.metC, 0)} °C with the food in it, and comes to ${fixed(input.holding.temperatureC, 0)} °C in some ${fixed(3 * warmth.timeConstantH, 0)} h`,
  ];
}

const READY_MEANS = {
  outside: `Outside seasoned: the outer third of the thickness at target (within ${percent(1 - OUTSIDE_SHARE, 0)} %), no spot counting for more than the target.`,
  seasoned: `Seasoned: the mean at ${percent(SEASONED_SHARE, 0)} % of the target or more; with dry or injected salt no spot counts for more than the target.`,
  even: `Even: the centre, or half-way between stabs, at ${percent(EVEN_SHARE, 0)} % of the mean or more, and seasoned.`,
};

const PAST_MEANS: Record<PastReason, string> = {
  acid_limit: "Spoilt when acid turns flesh of this kind chalky or mealy (practice).",
  enzyme_limit: "Spoilt when the fruit's enzymes turn the surface to paste (practice).",
  over_baked: "Overdone when it has baked a quarter longer than the latest reckoning.",
  over_salted: "Salty when the mean is 15 % over the target.",
  texture_limit: "Stands too long when practice says the texture suffers.",
  storage_limit:
    "Keeps no longer when raw food of this kind has been kept as long as the storage chart allows.",
};

export function whyReady({ input, sheet }: Worked): Explanation {
  if (sheet.bake) return whyBake(sheet.bake);
  const { ready, past, pastReason } = sheet.soak.window;
  const practice = practiceFor(sheet.food, sheet.keep.method);
  const hour = (h: number | undefined) => (h === undefined ? "not within 4 days" : roughly(h));
  return {
    sum: [
      `ready: early ${hour(ready.early)} · likely ${hour(ready.likely)} · late ${hour(ready.late)}`,
      `stood too long: likely ${hour(past.likely)}`,
    ],
    convention: `${READY_MEANS[input.readiness]} ${PAST_MEANS[pastReason]} Early and late: ${sheet.contact.kind === "within" ? "15 % closer or wider stabs" : "2 mm thinner or thicker"}, and diffusivity half-way to its published limits. Practice for this: ${practice.minH} to ${practice.maxH} h, usually ${practice.typicalH} h.`,
    source: "Soak engine; limits from the practice table and the USDA FSIS storage chart (from memory).",
    otherSchool:
      ready.likely === undefined
        ? sheet.contact.kind === "within"
          ? "The way from stab to stab counts twice over: half as far is a quarter of the time."
          : "Salt needs days to reach the middle of thick flesh. Slashes, thinner pieces or a stronger, timed brine shorten the way; “outside seasoned” is what a night gives."
        : undefined,
  };
}

export function whySodium({ input, outcome }: Worked): Explanation {
  const { ledger } = outcome;
  const eaten = ledger.ends.filter((end) => end.eaten);
  return {
    sum: [
      `(${eaten.map((end) => `${exact(end.naclG)} g ${END_NAME[end.id]}`).join(" + ")}) × ${SODIUM_PER_SALT * 1000} mg ÷ ${input.portions} = ${fixed(ledger.sodiumMgPerPortion, 0)} mg`,
      `of it ${fixed(ledger.sources.find((s) => s.part === "food")?.naclG ?? 0, 1)} g salt was in the food already (total ${fixed(ledger.eatenG, 1)} g)`,
    ],
    convention:
      "Salt that comes to the table, from every source: what stays in the tub, in the crust or on the tray is not eaten.",
    source:
      "Sodium is 0.3934 of salt, by atomic masses. People on a sodium limit: your clinician's word goes before this.",
  };
}
