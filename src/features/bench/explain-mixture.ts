import type { Preparation } from "@/core/formula/model";
import type { Bake } from "@/core/formula/prepare/prepared";
import { RULE_RATIO } from "@/core/formula/prepare/salt-crust";
import { assertNever } from "@/core/result";
import { fixed, grams, percent } from "@/ui/format";
import type { Explanation } from "@/ui/why";
import type { Worked } from "./worked";

/* The words behind the figures of marinades, pastes, rubs, crusts and cures. */

type Other = Exclude<Preparation, { kind: "wetBrine" | "dryBrine" }>;

export function whyOtherSalt(worked: Worked, p: Other, purity: string): Explanation {
  switch (p.kind) {
    case "marinade":
    case "paste":
      return p.school === "onFoodFirst" ? saltFirst(worked, p) : saltInMixture(worked, p);
    case "rub":
      return rubSalt(worked, purity);
    case "saltCrust":
      return whyCrust(worked);
    case "cure":
      return {
        title: "Salt to put on",
        sum: [
          `${percent(p.doseFraction, 1)} % × ${grams(worked.sheet.flesh.massG)} g of flesh = ${fixed(worked.sheet.naclG, 1)} g`,
          purity,
        ],
        convention:
          "More than is wanted, for minutes: the clock decides what goes in, and the rest is rinsed or brushed off.",
        source: "Common practice, no source; soak engine for what goes in.",
        otherSchool: "A dry brine puts on only what the food should end with, and takes hours instead.",
      };
    default:
      return assertNever(p);
  }
}

/** Pure salt on the weigh-out sheet, g, and how it reads on the scale. */
function weighedSalt({ sheet }: Worked): string {
  const line = sheet.lines.find((l) => l.role === "salt");
  return line
    ? `${fixed(line.naclG, 1)} g of pure salt ÷ ${fixed(sheet.salt.naclFraction, 3)} (${sheet.salt.name}) = ${fixed(line.massG, 1)} g on the scale`
    : "no salt is weighed out: what hides in the other lines is enough";
}

function saltInMixture(worked: Worked, p: Other): Explanation {
  const { sheet } = worked;
  const { flesh, mix } = sheet;
  const own = flesh.massG * flesh.nativeSaltFraction;
  const x = sheet.targetPerWater;
  return {
    title: "Salt to weigh out",
    sum: [
      `salt per water wanted: ${fixed(x, 4)} g/g`,
      `${fixed(x, 4)} × (${grams(flesh.massG * flesh.waterFraction)} g in the flesh + ${grams(mix?.waterG ?? 0)} g in the mixture) − ${fixed(own, 1)} g it holds − ${fixed(mix?.naclG ?? 0, 1)} g hidden in the mixture`,
      weighedSalt(worked),
    ],
    convention:
      "Salt lives in the water: mixture and flesh would end with the same salt per gram of water, and the flesh at the figure you asked for. Oil takes none.",
    source: "Mass balance; salt in the lines from the ingredients table.",
    otherSchool: `A plain share of the food, ${percent(p.targetFraction)} % of its edible weight, would be ${fixed(p.targetFraction * flesh.massG, 1)} g: part of it stays in the mixture, and the flesh ends lower. Others salt the food first and coat it afterwards.`,
  };
}

function saltFirst(worked: Worked, p: Other): Explanation {
  const { sheet } = worked;
  return {
    title: "Salt to weigh out",
    sum: [
      `${percent(p.targetFraction)} % × ${grams(sheet.flesh.massG)} g of flesh = ${fixed(p.targetFraction * sheet.flesh.massG, 1)} g`,
      weighedSalt(worked),
    ],
    convention:
      "The food is salted by itself first, all of it on the flesh; the mixture goes over it without salt of its own.",
    source: "Common practice, no source; mass balance.",
    otherSchool:
      "Salted in the mixture, flesh and mixture even out, and some of the salt stays behind in it.",
  };
}

function rubSalt(worked: Worked, purity: string): Explanation {
  const { sheet } = worked;
  const hidden = sheet.mix?.naclG ?? 0;
  return {
    title: "Salt in the rub",
    sum: [
      `${fixed(sheet.naclG, 1)} g wanted − ${fixed(hidden, 1)} g hidden in the other lines`,
      hidden > 0 ? weighedSalt(worked) : purity,
      `${percent(sheet.coat?.stuckShare ?? 1, 0)} % of the rub sticks: ${fixed(sheet.loadG, 1)} g reaches the food`,
    ],
    convention: "A share of the edible weight; what falls off takes its salt with it.",
    source: "Common practice, no source.",
  };
}

/** Why the rule and the geometry differ: this salt's density, the thickness, what stands out. */
function ruleCause({ sheet, input }: Worked): string {
  const p = input.preparation;
  const { crust } = sheet;
  if (!crust || p.kind !== "saltCrust") return "";
  const out = p.ends === "out" ? " with head and tail out" : "";
  return `At ${fixed(crust.packedGPerMl, 2)} g/ml the rule's weight of this salt makes an even crust of about ${fixed(crust.ruleEvenMm, 0)} mm${out}; a lighter salt makes a thicker one of the same weight.`;
}

export function whyCrust(worked: Worked): Explanation {
  const { sheet, input } = worked;
  const p = input.preparation;
  const crust = sheet.crust;
  if (!crust || p.kind !== "saltCrust")
    return { title: "Salt for the crust", sum: [], convention: "", source: "" };
  const { lengthMm, widthMm, heightMm } = crust.food;
  return {
    title: "Salt for the crust",
    sum:
      p.saltBy === "rule"
        ? [`${RULE_RATIO} × ${grams(sheet.foodG)} g of food = ${grams(crust.ruleG)} g`]
        : [
            `food ${fixed(lengthMm, 0)} × ${fixed(widthMm, 0)} × ${fixed(heightMm, 0)} mm${crust.estimated ? " (estimated from weight and thickness)" : ""}, taken as ${p.form === "box" ? "a box" : "an ellipsoid"}`,
            `${fixed(p.overMm, 0)} mm over and beside, ${fixed(p.underMm, 0)} mm under: shell ${fixed(crust.shellMl, 0)} ml`,
            `× ${fixed(crust.packedGPerMl, 2)} g/ml packed (${sheet.salt.name}) = ${grams(crust.saltG)} g, ${fixed(crust.ratio, 2)} to 1`,
          ],
    convention:
      "The shell's volume times the salt's packed density. Packed is the densest reading of the salt table: damp salt pressed down.",
    source: "Geometry; densities: salts table (from memory).",
    otherSchool:
      p.saltBy === "rule"
        ? `${fixed(p.overMm, 1)} mm over and ${fixed(p.underMm, 1)} mm under would take ${grams(crust.geometryG)} g. ${ruleCause(worked)}`
        : `The trade's rule, ${RULE_RATIO} to 1 by weight, would take ${grams(crust.ruleG)} g (common practice, no source). ${ruleCause(worked)}`,
  };
}

export function whyBake(bake: Bake): Explanation {
  return {
    title: "How long it bakes",
    sum: bake.rules.map(
      (rule) => `${rule.id.replaceAll("_", " ")}: ${fixed(rule.minutes, 0)} min at ${bake.ovenC} °C`,
    ),
    convention:
      "Minutes by weight and by thickness as the trade counts them, moved to this oven; the longer is taken. It is an estimate: a probe through the crust in the thickest part decides.",
    source: "Common practice, no source; oven factors: ovens table (from memory).",
  };
}

export function whySour({ sheet }: Worked): Explanation {
  const { mix } = sheet;
  return {
    title: "How sour it is",
    sum: [
      `pH ${mix?.pH === undefined ? "—" : fixed(mix.pH, 2)} of ${fixed(mix?.aqueousMl ?? 0, 0)} ml of watery liquid; ${percent(mix?.fatFraction ?? 0, 0)} % of the mixture is fat and stays out of it`,
      `acid to pH 8.1, as citric: ${fixed(mix?.citricG ?? 0, 1)} g, ${fixed(sheet.citricPerKgG ?? 0, 1)} g to the kilogram of food`,
    ],
    convention:
      "Charge balance of the acids in the table, each ingredient's strong ions set by its own usual pH; activities 1. Protein and phosphate buffering of yoghurt is not counted: real mixtures end a little higher.",
    source:
      "pKa at 25 °C: CRC Handbook (from memory); acid and pH of ingredients: ingredients table (from memory).",
  };
}

export function whyCoat({ sheet }: Worked): Explanation {
  const { coat, paste } = sheet;
  return {
    title: "How thick it lies",
    sum: coat
      ? [
          `${grams(coat.massG)} g over ${fixed(sheet.surfaceDm2, 1)} dm²: ${fixed(coat.perDm2G, 1)} g/dm², ${fixed(coat.perKgG, 0)} g to the kilogram`,
          paste
            ? `as thick as asked it would take ${grams(paste.neededG)} g; binder for ${grams(paste.freeWaterG)} g of free water: ${grams(paste.binderG)} g`
            : `the face holds about ${grams(coat.holdsG)} g; ${percent(coat.stuckShare, 0)} % sticks`,
        ]
      : [],
    convention:
      "Surface from weight, thickness and shape. How much a face holds, and how thick a paste stands, are rules of thumb.",
    source: "Geometry; common practice, no source (estimates).",
  };
}
