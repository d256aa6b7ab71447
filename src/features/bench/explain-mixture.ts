import type { Bake, CrustFigures } from "@/core/formula/weigh/prepared";
import type { CrustPreparation } from "@/core/formulation";
import { BODY_SHARE, RULE_RATIO } from "@/core/vessel/crust-shell";
import type { Explanation } from "@/ui/explanation";
import { exact, fixed, grams, percent } from "@/ui/format";
import type { Worked } from "./worked";

/* The words behind the figures of marinades, pastes, rubs, crusts and cures. */

/** The outer body less the food: over each side and the top, under below; half-axes or edges in mm. */
function shellSum(p: CrustPreparation, crust: CrustFigures, count: number): string {
  const { overMm, underMm } = p;
  const a = crust.food.lengthMm * (p.ends === "out" ? BODY_SHARE : 1);
  const { widthMm: b, heightMm: c } = crust.food;
  const high = `(${exact(c)} + ${exact(overMm)} + ${exact(underMm)})`;
  const times = count > 1 ? ` × ${count}` : "";
  const end = `÷ 1000${times} = ${fixed(crust.shellMl, 0)} ml of salt`;
  if (p.form === "box")
    return `((${exact(a)} + 2 × ${exact(overMm)}) × (${exact(b)} + 2 × ${exact(overMm)}) × ${high} − ${exact(a)} × ${exact(b)} × ${exact(c)}) ${end}`;
  return `(${exact((2 * Math.PI) / 3)} × (${exact(a / 2)} + ${exact(overMm)}) × (${exact(b / 2)} + ${exact(overMm)}) × ${high} − ${exact(Math.PI / 6)} × ${exact(a)} × ${exact(b)} × ${exact(c)}) ${end}`;
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
  if (!crust || p.kind !== "saltCrust") return { sum: [], convention: "", source: "" };
  const { lengthMm, widthMm, heightMm } = crust.food;
  return {
    sum:
      p.saltBy === "given"
        ? [
            `${exact(crust.saltG)} g packed at ${exact(crust.packedGPerMl)} g/ml: an even crust of about ${fixed(crust.evenMm, 0)} mm`,
            `${exact(crust.saltG)} g as you have it ÷ ${exact(sheet.foodG)} g of food = ${fixed(crust.ratio, 2)} to 1`,
          ]
        : p.saltBy === "rule"
          ? [`${RULE_RATIO} × ${exact(sheet.foodG)} g of food = ${grams(crust.ruleG)} g`]
          : [
              `food ${fixed(lengthMm, 0)} × ${fixed(widthMm, 0)} × ${fixed(heightMm, 0)} mm${crust.estimated ? " (estimated from weight and thickness)" : ""}, taken as ${p.form === "box" ? "a box" : "an ellipsoid"}${p.ends === "out" ? "; head and tail left out" : ""}`,
              shellSum(p, crust, input.pieces.count),
              `${exact(crust.shellMl)} ml × ${exact(crust.packedGPerMl)} g/ml packed = ${grams(crust.saltG)} g`,
              `${exact(crust.saltG)} g ÷ ${exact(sheet.foodG)} g of food = ${fixed(crust.ratio, 2)} to 1`,
            ],
    convention:
      "The shell's volume times the salt's packed density. Packed is the densest reading of the salt table: damp salt pressed down.",
    source: "Geometry; densities: salts table (from memory).",
    otherSchool: [
      p.saltBy !== "rule" &&
        `The trade's rule, ${RULE_RATIO} to 1 by weight, would take ${grams(crust.ruleG)} g (common practice, no source).`,
      (p.saltBy === "rule" || p.saltBy === "given") &&
        `${fixed(p.overMm, 1)} mm over and ${fixed(p.underMm, 1)} mm under would take ${grams(crust.geometryG)} g.`,
      ruleCause(worked),
    ]
      .filter(Boolean)
      .join(" "),
  };
}

export function whyBake(bake: Bake): Explanation {
  return {
    sum: bake.rules.map(
      (rule) =>
        `(${exact(rule.minutesPerKg)} min × ${exact(rule.pieceKg)} kg + ${exact(rule.minutesPer25Mm)} min × ${exact(rule.thicknessMm)} mm ÷ 25 + ${exact(rule.fixedMinutes)} min) × ${exact(rule.ovenFactor)} for the oven × ${exact(rule.coreFactor)} for the core = ${fixed(rule.minutes, 0)} min`,
    ),
    convention:
      "Minutes by weight and by thickness as the trade counts them, moved to this oven and to the core you want; the longest is taken, or the heat engine's where that is longer still. It is an estimate: a probe through the crust in the thickest part decides.",
    source: "Common practice, no source; oven factors: ovens table (from memory).",
  };
}

export function whySour({ sheet }: Worked): Explanation {
  const { mix } = sheet;
  return {
    sum: [
      `pH ${mix?.pH === undefined ? "—" : fixed(mix.pH, 2)} of ${fixed(mix?.aqueousMl ?? 0, 0)} ml of watery liquid; ${percent(mix?.fatFraction ?? 0, 0)} % of the mixture is fat and stays out of it`,
      `acid to pH 8.1, as citric: ${exact(mix?.citricG ?? 0)} g ÷ ${exact(sheet.foodG / 1000)} kg = ${fixed(sheet.citricPerKgG ?? 0, 1)} g to the kilogram of food`,
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
    sum: coat
      ? [
          `${exact(coat.perDm2G * sheet.surfaceDm2)} g outside ÷ ${exact(sheet.surfaceDm2)} dm² = ${fixed(coat.perDm2G, 1)} g/dm²`,
          `${exact(coat.massG)} g ÷ ${exact(sheet.foodG / 1000)} kg = ${fixed(coat.perKgG, 0)} g to the kilogram`,
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
