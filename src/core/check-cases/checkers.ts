import * as acids from "./acids";
import type { CheckCase, Nested } from "./case";
import * as chilling from "./chilling";
import * as crusts from "./crusts";
import * as heating from "./heating";
import * as official from "./official";
import * as soaks from "./soaks";
import * as solutions from "./solutions";

type Checker = (inputs: never) => Nested;

/** Which public core function answers which kind of case. A kind not listed is not supported yet. */
const CHECKERS: Record<string, Checker> = {
  "01-infinite-bath/sheet": soaks.infiniteBath,
  "01-infinite-bath/cylinder": soaks.infiniteBath,
  "01-infinite-bath/sphere": soaks.infiniteBath,
  "01-infinite-bath/brick": soaks.brick,
  "01-infinite-bath/finite-cylinder": soaks.finiteCylinder,
  "02-limited-bath/sheet": soaks.limitedBath,
  "02-limited-bath/cylinder": soaks.limitedBath,
  "02-limited-bath/sphere": soaks.limitedBath,
  "03-sheet-variants/one-face-sealed": soaks.oneFaceSealed,
  "03-sheet-variants/surface-resistance": soaks.surfaceResistance,
  "03-sheet-variants/dry-brine": soaks.dryBrine,
  "04-desalting/sheet": soaks.desalting,
  "05-nacl-properties/properties": solutions.properties,
  "05-nacl-properties/from-salometer": solutions.fromSalometer,
  "05-nacl-properties/from-specific-gravity": solutions.fromSpecificGravity,
  "05-nacl-properties/strength-wording": solutions.strengthWording,
  "05-nacl-properties/saturation": solutions.saturation,
  "06-equilibrium-arithmetic/meat-plus-water": solutions.meatPlusWater,
  "06-equilibrium-arithmetic/water-phase": solutions.waterPhase,
  "06-equilibrium-arithmetic/injection-forward": solutions.injectionForward,
  "06-equilibrium-arithmetic/injection-inverse": solutions.injectionInverse,
  "06-equilibrium-arithmetic/dry-rub-sodium": solutions.dryRubSodium,
  "07-ice-chill/forward": chilling.forward,
  "07-ice-chill/ice-needed": chilling.iceNeeded,
  "07-ice-chill/volume-target": chilling.volumeTarget,
  "07-ice-chill/too-little-ice": chilling.tooLittleIce,
  "08-units/volume": solutions.volume,
  "08-units/mass-length": solutions.massLength,
  "08-units/temperature": solutions.temperature,
  "08-units/cup-brine": solutions.cupBrineCase,
  "08-units/salt-swap": solutions.saltSwap,
  "09-acids/pure-acid": acids.pureAcid,
  "09-acids/mixture": acids.mixture,
  "10-heat/centre-time": heating.centreTime,
  "10-heat/thaw-fridge": heating.thawFridge,
  "10-heat/thaw-cold-water": heating.thawColdWater,
  "10-heat/carry-over-practice": heating.carryOverPractice,
  "11-salt-crust/box": crusts.box,
  "11-salt-crust/ellipsoid": crusts.ellipsoid,
  "12-safety/minimum-internal": official.minimumInternal,
  "12-safety/limits": official.limits,
  "12-safety/poultry-7-log": official.poultry,
  "12-safety/beef-6.5-log": official.beef,
};

/** The core's answer to a case, or undefined where its kind is not supported. */
export function answer(checkCase: CheckCase): Nested | undefined {
  const checker = CHECKERS[`${checkCase.topic}/${checkCase.sub}`];
  return checker?.(checkCase.inputs as never);
}
