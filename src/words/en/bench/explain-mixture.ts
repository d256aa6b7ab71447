export const mlOfSalt = (times: string, shellMl: string) => `÷ 1000${times} = ${shellMl} ml of salt`;
export const withHeadAndTailOut = " with head and tail out";
export const atGMlTheRules = ({
  packedGPerMl,
  ruleEvenMm,
  out,
}: {
  packedGPerMl: string;
  ruleEvenMm: string;
  out: string;
}) =>
  `At ${packedGPerMl} g/ml the rule's weight of this salt makes an even crust of about ${ruleEvenMm} mm${out}; a lighter salt makes a thicker one of the same weight.`;
export const gPackedAtGMl = ({
  saltG,
  packedGPerMl,
  evenMm,
}: {
  saltG: string;
  packedGPerMl: string;
  evenMm: string;
}) => `${saltG} g packed at ${packedGPerMl} g/ml: an even crust of about ${evenMm} mm`;
export const gAsYouHaveIt = ({ saltG, foodG, ratio }: { saltG: string; foodG: string; ratio: string }) =>
  `${saltG} g as you have it ÷ ${foodG} g of food = ${ratio} to 1`;
export const gOfFood = ({ ruleRatio, foodG, ruleG }: { ruleRatio: number; foodG: string; ruleG: string }) =>
  `${ruleRatio} × ${foodG} g of food = ${ruleG} g`;
export const foodEstimatedFromWeightAnd = ({
  lengthMm,
  widthMm,
  heightMm,
  estimated,
  form,
  ends,
}: {
  lengthMm: string;
  widthMm: string;
  heightMm: string;
  estimated: boolean;
  form: string;
  ends: string;
}) =>
  `food ${lengthMm} × ${widthMm} × ${heightMm} mm${estimated ? " (estimated from weight and thickness)" : ""}, taken as ${form === "box" ? "a box" : "an ellipsoid"}${ends === "out" ? "; head and tail left out" : ""}`;
export const gMlPacked = ({
  shellMl,
  packedGPerMl,
  saltG,
}: {
  shellMl: string;
  packedGPerMl: string;
  saltG: string;
}) => `${shellMl} ml × ${packedGPerMl} g/ml packed = ${saltG} g`;
export const gOfFoodTo1 = ({ saltG, foodG, ratio }: { saltG: string; foodG: string; ratio: string }) =>
  `${saltG} g ÷ ${foodG} g of food = ${ratio} to 1`;
export const theShellsVolumeTimesThe =
  "The shell's volume times the salt's packed density. Packed is the densest reading of the salt table: damp salt pressed down.";
export const geometryDensitiesSaltsTable = "Geometry; densities: salts table (from memory).";
export const theTradesRuleTo1 = (ruleRatio: number, ruleG: string) =>
  `The trade's rule, ${ruleRatio} to 1 by weight, would take ${ruleG} g (common practice, no source).`;
export const mmOverAndMmUnder = ({
  overMm,
  underMm,
  geometryG,
}: {
  overMm: string;
  underMm: string;
  geometryG: string;
}) => `${overMm} mm over and ${underMm} mm under would take ${geometryG} g.`;
export const forTheOvenForThe = ({
  minutesPerKg,
  pieceKg,
  minutesPer25Mm,
  thicknessMm,
  fixedMinutes,
  ovenFactor,
  coreFactor,
  minutes,
}: {
  minutesPerKg: string;
  pieceKg: string;
  minutesPer25Mm: string;
  thicknessMm: string;
  fixedMinutes: string;
  ovenFactor: string;
  coreFactor: string;
  minutes: string;
}) =>
  `(${minutesPerKg} min × ${pieceKg} kg + ${minutesPer25Mm} min × ${thicknessMm} mm ÷ 25 + ${fixedMinutes} min) × ${ovenFactor} for the oven × ${coreFactor} for the core = ${minutes} min`;
export const minutesByWeightAndBy =
  "Minutes by weight and by thickness as the trade counts them, moved to this oven and to the core you want; the longest is taken, or the heat engine's where that is longer still. It is an estimate: a probe through the crust in the thickest part decides.";
export const commonPracticeNoSourceOven =
  "Common practice, no source; oven factors: ovens table (from memory).";
export const ofMlOfWateryLiquid = ({
  which,
  aqueousMl,
  fatFraction,
}: {
  which: string;
  aqueousMl: string;
  fatFraction: string;
}) =>
  `pH ${which} of ${aqueousMl} ml of watery liquid; ${fatFraction} % of the mixture is fat and stays out of it`;
export const acidToPh81 = ({
  citricG,
  foodG,
  citricPerKgG,
}: {
  citricG: string;
  foodG: string;
  citricPerKgG: string;
}) => `acid to pH 8.1, as citric: ${citricG} g ÷ ${foodG} kg = ${citricPerKgG} g to the kilogram of food`;
export const chargeBalanceOfTheAcids =
  "Charge balance of the acids in the table, each ingredient's strong ions set by its own usual pH; activities 1. Protein and phosphate buffering of yoghurt is not counted: real mixtures end a little higher.";
export const pkaAt25CCrc =
  "pKa at 25 °C: CRC Handbook (from memory); acid and pH of ingredients: ingredients table (from memory).";
export const gOutsideDmGDm = ({
  outsideG,
  surface,
  perDm2,
}: {
  outsideG: string;
  surface: string;
  perDm2: string;
}) => `${outsideG} g outside ÷ ${surface} dm² = ${perDm2} g/dm²`;
export const gToTheKilogram = ({ massG, foodG, perKgG }: { massG: string; foodG: string; perKgG: string }) =>
  `${massG} g ÷ ${foodG} kg = ${perKgG} g to the kilogram`;
export const asThickAsAskedIt = ({
  neededG,
  freeWaterG,
  binderG,
}: {
  neededG: string;
  freeWaterG: string;
  binderG: string;
}) => `as thick as asked it would take ${neededG} g; binder for ${freeWaterG} g of free water: ${binderG} g`;
export const theFaceHoldsAboutSticks = (holdsG: string, stuckShare: string) =>
  `the face holds about ${holdsG} g; ${stuckShare} % sticks`;
export const surfaceFromWeightThicknessAnd =
  "Surface from weight, thickness and shape. How much a face holds, and how thick a paste stands, are rules of thumb.";
export const geometryCommonPracticeNoSource = "Geometry; common practice, no source (estimates).";
