import { timedPerWater } from "@/core/formula/weigh/brines";
import { saltModeOf } from "@/core/formula/weigh/given-salt";
import type { Preparation, SaltGiven } from "@/core/formulation";
import { assertNever } from "@/core/result";
import type { Explanation } from "@/ui/explanation";
import { exact, fixed, grams, percent, worked as shown } from "@/ui/format";
import { whyCrust } from "./explain-mixture";
import type { Worked } from "./worked";

/* How the salt on the weigh-out came about: asked for or given, less what hides in other lines, by this salt's purity. */

export function whySalt(worked: Worked): Explanation {
  const { input, sheet } = worked;
  const p = input.preparation;
  if (p.kind === "saltCrust") return whyCrust(worked);
  const given = input.salt && saltModeOf(input) !== "wanted" ? input.salt : undefined;
  const about = given ? AS_GIVEN : aboutWanted(worked, p);
  return {
    sum: [...(given ? [sumGiven(worked, given)] : sumWanted(worked, p)), ...weighed(worked)],
    ...about,
    convention: `${about.convention} With the flesh's own salt it would end at ${percent(sheet.endFraction)} % of the finished flesh.`,
  };
}

type About = Omit<Explanation, "sum">;

const AS_GIVEN: About = {
  convention: "The salt is yours, to the gram; the rest follows from it.",
  source: "Mass balance.",
};

function sumGiven({ sheet }: Worked, given: SaltGiven): string {
  const { salt, flesh } = sheet;
  const purity = exact(salt.naclFraction);
  const ownG = shown(givenPure(sheet.dose?.ownG ?? 0, sheet));
  switch (given.mode) {
    case "percent":
      return `${exact(given.fraction * 100)} % × ${exact(flesh.massG)} g of flesh = ${ownG} g of pure salt`;
    case "grams":
      return `${exact(given.massG)} g × ${purity} = ${ownG} g of pure salt`;
    case "measure":
      return `${exact(given.volumeMl)} ml × ${exact(salt.densityGPerMl)} g/ml × ${purity} = ${ownG} g of pure salt`;
    case "pinch":
      return `${exact(given.count)} × ${exact(given.eachG)} g × ${purity} = ${ownG} g of pure salt`;
    case "none":
    case "wanted":
      return "no salt is put in";
  }
}

/** Of all that is made; what meets the food is less by the part set aside. */
const givenPure = (ownG: number, sheet: Worked["sheet"]): number =>
  sheet.lines.find((l) => l.role === "salt")?.naclG ?? ownG;

function sumWanted(worked: Worked, p: Exclude<Preparation, { kind: "saltCrust" }>): string[] {
  const { sheet, input } = worked;
  const { flesh, dose } = sheet;
  const wantedG = shown(dose?.wantedG ?? 0);
  const ownG = exact(flesh.massG * flesh.nativeSaltFraction);
  const t = exact(p.targetFraction * 100);
  const perWater = p.targetFraction / (1 - p.targetFraction) / flesh.waterFraction;
  const evened = (waterG: number, what: string) => [
    `${t} ÷ (100 − ${t}) ÷ ${exact(flesh.waterFraction)} = ${shown(perWater)} g of salt per g of water wanted`,
    `${exact(perWater)} × (${exact(flesh.massG * flesh.waterFraction)} g in the flesh + ${exact(waterG)} g in the ${what}) − ${ownG} g it holds = ${wantedG} g`,
  ];
  switch (p.kind) {
    case "wetBrine":
      if (p.school === "timed") {
        const x = timedPerWater(p.strength, sheet.salt);
        const strength =
          p.strength.basis === "percent"
            ? [
                `${exact(p.strength.saltFraction * 100)} ÷ (100 − ${exact(p.strength.saltFraction * 100)}) = ${shown(x)} g of salt per g of water`,
              ]
            : [];
        return [...strength, `${exact(sheet.waterG)} g of water × ${exact(x)} = ${wantedG} g`];
      }
      return p.convention === "waterPhase"
        ? evened(sheet.waterG, "bath")
        : [
            `${t} % × (${exact(flesh.massG)} g + ${exact(sheet.waterG)} g) − ${ownG} g it holds = ${wantedG} g`,
          ];
    case "injection": {
      const stayG = sheet.soaked.massG - flesh.massG;
      const stays = 1 - p.dripFraction;
      return [
        `${t} ÷ (100 − ${t}) × (${exact(flesh.massG)} g of flesh + ${exact(stayG)} g of water that stays in) − ${ownG} g it holds = ${shown((dose?.wantedG ?? 0) * stays)} g to stay in`,
        `${exact((dose?.wantedG ?? 0) * stays)} g ÷ ${exact(stays)} that does not run out again = ${wantedG} g in ${exact(sheet.foodG * p.pickupFraction)} g of brine`,
      ];
    }
    case "cure":
      return [`${exact(p.doseFraction * 100)} % × ${exact(flesh.massG)} g of flesh = ${wantedG} g`];
    case "marinade":
    case "paste":
      if (p.school === "inMixture") return evened(sheet.mix?.waterG ?? 0, "mixture");
      return [onFlesh(input.preparation.targetFraction, worked)];
    case "dryBrine":
    case "rub":
      return [onFlesh(p.targetFraction, worked)];
    default:
      return assertNever(p);
  }
}

/** Put straight on the flesh: so much that with its own it is the share wanted of the finished flesh. */
function onFlesh(target: number, { sheet: { flesh, dose } }: Worked): string {
  const t = exact(target * 100);
  const ownG = exact(flesh.massG * flesh.nativeSaltFraction);
  if ((dose?.wantedG ?? 0) <= 0) return "the food holds as much as is wanted: none is put on";
  return `${exact(flesh.massG)} g of flesh × ${t} ÷ (100 − ${t}) − ${ownG} g it holds = ${shown(dose?.wantedG ?? 0)} g`;
}

/** Less what other lines bring, more for the part set aside, and by this salt's purity. */
function weighed({ input, sheet }: Worked): string[] {
  const { dose, salt } = sheet;
  const line = sheet.lines.find((l) => l.role === "salt");
  if (!dose) return [];
  if (!line || line.massG <= 0)
    return dose.hiddenG > 0.05
      ? [`${fixed(dose.hiddenG, 1)} g hides in the other lines: no salt is weighed out`]
      : [];
  const wanted = saltModeOf(input) === "wanted";
  const less =
    wanted && dose.hiddenG > 1e-9
      ? [
          `${exact(dose.wantedG)} g − ${exact(dose.hiddenG)} g hidden in the other lines = ${shown(dose.ownG)} g`,
        ]
      : [];
  const share = 1 - dose.ownG / line.naclG;
  const more =
    wanted && share > 1e-6
      ? [`${exact(dose.ownG)} g ÷ (1 − ${exact(share)} set aside) = ${shown(line.naclG)} g`]
      : [];
  return [
    ...less,
    ...more,
    `${exact(line.naclG)} g of pure salt ÷ ${exact(salt.naclFraction)} = ${fixed(line.massG, 1)} g of ${salt.name} on the scale`,
  ];
}

function aboutWanted({ sheet }: Worked, p: Exclude<Preparation, { kind: "saltCrust" }>): About {
  const other = grams(sheet.otherConventionNaclG ?? 0);
  switch (p.kind) {
    case "wetBrine":
      if (p.school === "timed")
        return {
          convention:
            "A strong brine, left at the right hour. Strength is salt over salt and water; the clock decides what the flesh takes up.",
          source: "Mass balance; strength by the cook.",
          otherSchool: `Left for ever, this bath would bring the flesh to ${percent(sheet.endFraction)} %: the equilibrium school uses only the salt the food should end with, and cannot overshoot.`,
        };
      return p.convention === "waterPhase"
        ? {
            convention:
              "Water-phase: salt lives in the water, so bath and flesh end with the same salt per gram of water. The default, because it is what makes the flesh end at the figure you asked for.",
            source: SOURCE_BALANCE,
            otherSchool: `The whole-mass formula would weigh out ${other} g, and the flesh would end lower.`,
          }
        : {
            convention:
              "Whole-mass: salt = target × (food + water), the usual kitchen formula. Flesh is only part water, so it ends under the figure you asked for.",
            source: SOURCE_BALANCE,
            otherSchool: `The water-phase sum would weigh out ${other} g.`,
          };
    case "injection":
      return {
        convention: `Brine is ${percent(p.pickupFraction, 1)} % of the weight on the scale; ${percent(p.dripFraction, 0)} % of it is taken to run out again, at its own strength. The water that stays is salted too: the figure you asked for is of the flesh with it.`,
        source: "Mass balance; what runs out is common practice, no source: weigh yours.",
        otherSchool:
          "A bath brings no water to speak of and takes days to the middle of a joint; dry salt takes as long, and less room.",
      };
    case "cure":
      return {
        convention:
          "More than is wanted, for minutes: the clock decides what goes in, and the rest is rinsed or brushed off.",
        source: "Common practice, no source; soak engine for what goes in.",
        otherSchool: "A dry brine puts on only what the food should end with, and takes hours instead.",
      };
    case "marinade":
    case "paste":
      return p.school === "onFoodFirst"
        ? {
            convention:
              "The food is salted by itself first, all of it on the flesh; the mixture goes over it without salt of its own.",
            source: "Common practice, no source; mass balance.",
            otherSchool:
              "Salted in the mixture, flesh and mixture even out, and some of the salt stays behind in it.",
          }
        : {
            convention:
              "Salt lives in the water: mixture and flesh would end with the same salt per gram of water, and the flesh at the figure you asked for. Oil takes none.",
            source: "Mass balance; salt in the lines from the ingredients table.",
            otherSchool: `A plain share of the food, ${percent(p.targetFraction)} % of its edible weight, would be ${fixed(p.targetFraction * sheet.flesh.massG, 1)} g: part of it stays in the mixture, and the flesh ends lower. Others salt the food first and coat it afterwards.`,
          };
    case "rub":
      return {
        convention: `${percent(sheet.coat?.stuckShare ?? 1, 0)} % of the rub sticks; what falls off takes its salt with it.`,
        source: "Common practice, no source; mass balance.",
      };
    case "dryBrine":
      return {
        convention: "Put on the faces, all of it meant to go in; nothing is rinsed off.",
        source: "Common practice, no source; mass balance.",
      };
    default:
      return assertNever(p);
  }
}

const SOURCE_BALANCE =
  "Mass balance without net movement of water; the whole-mass formula is common practice, no source.";
