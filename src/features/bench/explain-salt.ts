import { timedPerWater } from "@/core/formula/weigh/brines";
import { saltModeOf } from "@/core/formula/weigh/given-salt";
import type { Preparation, SaltGiven } from "@/core/formulation";
import { assertNever } from "@/core/result";
import type { Explanation } from "@/ui/explanation";
import { exact, fixed, grams, percent, worked as shown } from "@/ui/format";
import { whyCrust } from "./explain-mixture";
import type { Worked } from "./worked";
import * as words from "@/words/bench/explain-salt";

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
    convention: words.withTheFleshsOwnSalt(about.convention, percent(sheet.endFraction)),
  };
}

type About = Omit<Explanation, "sum">;

const AS_GIVEN: About = words.asGiven;

function sumGiven({ sheet }: Worked, given: SaltGiven): string {
  const { salt, flesh } = sheet;
  const purity = exact(salt.naclFraction);
  const ownG = shown(givenPure(sheet.dose?.ownG ?? 0, sheet));
  switch (given.mode) {
    case "percent":
      return words.gOfFleshGOf({ fraction: exact(given.fraction * 100), massG: exact(flesh.massG), ownG });
    case "grams":
      return words.gOfPureSalt({ massG: exact(given.massG), purity, ownG });
    case "measure":
      return words.gOfPureSaltOfVolumeMl({
        volumeMl: exact(given.volumeMl),
        densityGPerMl: exact(salt.densityGPerMl),
        purity,
        ownG,
      });
    case "pinch":
      return words.gOfPureSaltOfCount({ count: exact(given.count), eachG: exact(given.eachG), purity, ownG });
    case "none":
    case "wanted":
      return words.noSaltIsPutIn;
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
    words.gOfSaltPerG({ amount: t, waterFraction: exact(flesh.waterFraction), perWater: shown(perWater) }),
    words.gInTheFleshG({
      perWater: exact(perWater),
      massG: exact(flesh.massG * flesh.waterFraction),
      waterG: exact(waterG),
      what,
      ownG,
      wantedG,
    }),
  ];
  switch (p.kind) {
    case "wetBrine":
      if (p.school === "timed") {
        const x = timedPerWater(p.strength, sheet.salt);
        const strength =
          p.strength.basis === "percent"
            ? [words.gOfSaltPerGOfSaltFraction(exact(p.strength.saltFraction * 100), shown(x))]
            : [];
        return [...strength, words.gOfWater({ waterG: exact(sheet.waterG), amount: exact(x), wantedG })];
      }
      return p.convention === "waterPhase"
        ? evened(sheet.waterG, "bath")
        : [
            words.gItHolds({
              amount: t,
              massG: exact(flesh.massG),
              waterG: exact(sheet.waterG),
              ownG,
              wantedG,
            }),
          ];
    case "injection": {
      const stayG = sheet.soaked.massG - flesh.massG;
      const stays = 1 - p.dripFraction;
      return [
        words.gOfFleshGOfOfAmount({
          amount: t,
          massG: exact(flesh.massG),
          stayG: exact(stayG),
          ownG,
          wantedG: shown((dose?.wantedG ?? 0) * stays),
        }),
        words.thatDoesNotRunOut({
          stayG: exact((dose?.wantedG ?? 0) * stays),
          stays: exact(stays),
          wantedG,
          brineG: exact(sheet.foodG * p.pickupFraction),
        }),
      ];
    }
    case "cure":
      return [
        words.gOfFlesh({ doseFraction: exact(p.doseFraction * 100), massG: exact(flesh.massG), wantedG }),
      ];
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
  if ((dose?.wantedG ?? 0) <= 0) return words.theFoodHoldsAsMuch;
  return words.gOfFleshGIt({
    massG: exact(flesh.massG),
    amount: t,
    ownG,
    wantedG: shown(dose?.wantedG ?? 0),
  });
}

/** Less what other lines bring, more for the part set aside, and by this salt's purity. */
function weighed({ input, sheet }: Worked): string[] {
  const { dose, salt } = sheet;
  const line = sheet.lines.find((l) => l.role === "salt");
  if (!dose) return [];
  if (!line || line.massG <= 0)
    return dose.hiddenG > 0.05 ? [words.gHidesInTheOther(fixed(dose.hiddenG, 1))] : [];
  const wanted = saltModeOf(input) === "wanted";
  const less =
    wanted && dose.hiddenG > 1e-9
      ? [
          words.gHiddenInTheOther({
            wantedG: exact(dose.wantedG),
            hiddenG: exact(dose.hiddenG),
            ownG: shown(dose.ownG),
          }),
        ]
      : [];
  const share = 1 - dose.ownG / line.naclG;
  const more =
    wanted && share > 1e-6
      ? [words.setAside({ ownG: exact(dose.ownG), share: exact(share), naclG: shown(line.naclG) })]
      : [];
  return [
    ...less,
    ...more,
    words.gOfPureSaltG({
      naclG: exact(line.naclG),
      naclFraction: exact(salt.naclFraction),
      massG: fixed(line.massG, 1),
      saltName: salt.name,
    }),
  ];
}

function aboutWanted({ sheet }: Worked, p: Exclude<Preparation, { kind: "saltCrust" }>): About {
  const other = grams(sheet.otherConventionNaclG ?? 0);
  switch (p.kind) {
    case "wetBrine":
      if (p.school === "timed")
        return {
          convention: words.aStrongBrineLeftAt,
          source: words.massBalanceStrengthByThe,
          otherSchool: words.leftForEverThisBath(percent(sheet.endFraction)),
        };
      return p.convention === "waterPhase"
        ? {
            convention: words.waterPhaseSaltLivesIn,
            source: SOURCE_BALANCE,
            otherSchool: words.theWholeMassFormulaWould(other),
          }
        : {
            convention: words.wholeMassSaltTargetFood,
            source: SOURCE_BALANCE,
            otherSchool: words.theWaterPhaseSumWould(other),
          };
    case "injection":
      return {
        convention: words.brineIsOfTheWeight(percent(p.pickupFraction, 1), percent(p.dripFraction, 0)),
        source: words.massBalanceWhatRunsOut,
        otherSchool: words.aBathBringsNoWater,
      };
    case "cure":
      return {
        convention: words.moreThanIsWantedFor,
        source: words.commonPracticeNoSourceSoak,
        otherSchool: words.aDryBrinePutsOn,
      };
    case "marinade":
    case "paste":
      return p.school === "onFoodFirst"
        ? {
            convention: words.theFoodIsSaltedBy,
            source: words.commonPracticeNoSourceMass,
            otherSchool: words.saltedInTheMixtureFlesh,
          }
        : {
            convention: words.saltLivesInTheWater,
            source: words.massBalanceSaltInThe,
            otherSchool: words.aPlainShareOfThe(
              percent(p.targetFraction),
              fixed(p.targetFraction * sheet.flesh.massG, 1),
            ),
          };
    case "rub":
      return {
        convention: words.ofTheRubSticksWhat(percent(sheet.coat?.stuckShare ?? 1, 0)),
        source: words.commonPracticeNoSourceMass,
      };
    case "dryBrine":
      return {
        convention: words.putOnTheFacesAll,
        source: words.commonPracticeNoSourceMass,
      };
    default:
      return assertNever(p);
  }
}

const SOURCE_BALANCE = words.massBalanceWithoutNetMovement;
