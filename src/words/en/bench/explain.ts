export const gOfAllPiecesEdible = ({
  foodG,
  share,
  massG,
}: {
  foodG: string;
  share: string;
  massG: string;
}) => `${foodG} g of all pieces × ${share} % edible = ${massG} g`;
export const ofItWaterOwnSalt = (waterFraction: string, nativeSaltFraction: string) =>
  `of it water ${waterFraction} %, own salt ${nativeSaltFraction} %`;
export const boneAndUnsaltedTrimTake =
  "Bone and unsalted trim take no part in the sums; only meat without bone does.";
export const fromMemoryDoubtAbout = ({
  provenance,
  fromMemory,
  uncertainty,
}: {
  provenance: string;
  fromMemory: boolean;
  uncertainty: string;
}) => `${provenance}${fromMemory ? " (from memory)" : ""}; doubt about ± ${uncertainty} %.`;
export const withGOfWaterThat = (linesG: string) => `with ${linesG} g of water that the other lines bring`;
export const aPailWidensItsOwn = " (a pail widens: its own shape is reckoned)";
/** In what is no floor times a height: a bag, or a pail, which is told with `round`. */
export const toStandMmOverMm = ({
  coverMm,
  foodHeightMm,
  round,
  liquidMl,
}: {
  coverMm: number;
  foodHeightMm: string;
  round: string;
  liquidMl: string;
}) => `to stand ${coverMm} mm over ${foodHeightMm} mm of food${round}: ${liquidMl} ml of brine`;
export const floorTimesHeight = ({
  floorCm2,
  heightCm,
  foodMl,
  liquidMl,
}: {
  floorCm2: string;
  heightCm: string;
  foodMl: string;
  liquidMl: string;
}) => `${floorCm2} cm² × ${heightCm} cm − ${foodMl} ml of food = ${liquidMl} ml of brine`;
export const theFoodStandsMmHigh = (foodHeightMm: string, coverMm: number) =>
  `the food stands ${foodHeightMm} mm high, with ${coverMm} mm over it`;
export const ofWhichWaterGDissolved = (waterG: string) =>
  `of which water ${waterG} g: dissolved salt takes room too`;
export const chosenGWithAllThat = (plainG: string, liquidMl: string) =>
  `chosen: ${plainG} g; with all that dissolves in it, ${liquidMl} ml`;
export const enoughToStandJustOver = (toCover: boolean) =>
  toCover
    ? "Enough to stand just over the food in this vessel, the food's own volume taken off. Pieces are taken as rigid and alike. What is poured in with it (cider, stock, milk, syrup) counts as water for its water; the plain water gives way to it."
    : "The amount is yours, to the gram; what is poured in with it (cider, stock, milk, syrup) comes on top and counts as water for its water. The drawing shows whether it covers.";
export const geometryFleshAt105 =
  "Geometry; flesh at 1.05 g/mL (from memory); brine density, International Critical Tables (from memory).";
export const gOfAllPiecesG = ({
  foodG,
  brineShare,
  brineG,
}: {
  foodG: string;
  brineShare: string;
  brineG: string;
}) => `${foodG} g of all pieces × ${brineShare} = ${brineG} g of brine`;
export const gOfBrineGOf = ({ brineG, inItG, waterG }: { brineG: string; inItG: string; waterG: string }) =>
  `${brineG} g of brine − ${inItG} g of salt and all else in it = ${waterG} g of water`;
export const brineByTheWeightOn =
  "Brine by the weight on the scale, bone and skin included, as the needle's user weighs it.";
export const massBalanceHowMuchGoes = "Mass balance; how much goes in is common practice, no source.";
export const noBrine = "no brine";
export const gOfWaterInA = ({
  amount,
  waterDensityGPerMl,
  gPerLitreWater,
}: {
  amount: string;
  waterDensityGPerMl: string;
  gPerLitreWater: string;
}) =>
  `${amount} ÷ (100 − ${amount}) × ${waterDensityGPerMl} g of water in a litre = ${gPerLitreWater} g to a litre of water`;
export const salometer = ({
  amount,
  salometerFullFraction,
  salometerDegrees,
}: {
  amount: string;
  salometerFullFraction: number;
  salometerDegrees: string;
}) => `${amount} ÷ ${salometerFullFraction} × 100 = ${salometerDegrees} ° salometer`;
export const ofSpecificGravityBaume = (specificGravity: string, baumeDegrees: string) =>
  `145 − 145 ÷ ${specificGravity} of specific gravity = ${baumeDegrees} ° Baumé`;
export const gInALitreOf = ({
  gPerLitreBrine,
  specificGravity,
  freezingPointC,
}: {
  gPerLitreBrine: string;
  specificGravity: string;
  freezingPointC: string;
}) => `${gPerLitreBrine} g in a litre of brine · SG ${specificGravity} · freezes at ${freezingPointC} °C`;
export const saltOverSaltAndWater =
  "Salt over salt and water, before the food goes in; sugar is not counted. 100 ° salometer is saturated, 26.395 % at 60 °F.";
export const internationalCriticalTablesAnd =
  "International Critical Tables and CRC Handbook, 20 °C (from memory).";
interface InFlesh {
  inFleshG: string;
  massG: string;
  meanFraction: string;
}
export const whenItIsTakenOut = ({ inFleshG, massG, meanFraction }: InFlesh) =>
  `${inFleshG} g ÷ (${massG} + ${inFleshG}) g × 100 = ${meanFraction} % when it is taken out`;
export const whenAllAreTakenOut = ({ inFleshG, massG, meanFraction }: InFlesh) =>
  `${inFleshG} g in ${massG} g of flesh of all sizes; the main pieces ${meanFraction} % when they are taken out`;
export const toTheHeatAt = (meanFraction: string, band: string) =>
  `to the heat at ${meanFraction} %: ${band}`;
export const outerThirdMean = ({
  enters,
  surfaceFraction,
  outerThirdFraction,
  meanFraction,
  last,
  centreFraction,
}: {
  enters: string;
  surfaceFraction: string;
  outerThirdFraction: string;
  meanFraction: string;
  last: string;
  centreFraction: string;
}) =>
  `${enters} ${surfaceFraction} % · outer third ${outerThirdFraction} % · mean ${meanFraction} % · ${last} ${centreFraction} %`;
export const mSAtCOver = ({
  toExponential,
  temperatureC,
  halfThicknessM,
}: {
  toExponential: string;
  temperatureC: string;
  halfThicknessM: string;
}) => `D: ${toExponential} m²/s at ${temperatureC} °C over ${halfThicknessM} mm`;
export const ficksSecondLawSolvedIn = (kind: string) =>
  `Fick's second law, solved in finite volumes${kind}. Shares are of the finished flesh, its own salt counted.`;
export const realMeatIsUncertainBy = (diffusivitySource: string) =>
  `${diffusivitySource}. Real meat is uncertain by a factor of about two.`;
export const minInFreshWaterTake = (rinseMin: string, meanFraction: string) =>
  `${rinseMin} min in fresh water take ${meanFraction} % of it off again`;
export const meets = {
  bath: "; the bath weakens as the flesh takes salt. Flesh may end up to a tenth weaker than the brine: the lower edge of the band allows for it",
  drySalt: "; salt on the face is a saturated film until it is used up",
  crust: "; the crust's salt stays saturated, through skin and scales",
  within: "; what was put in spreads from stab to stab, and none of it leaves",
};
export const over2Days = "over 2 days";
export const about = (thawedH: string) => `about ${thawedH} h`;
export const goesInFrozenThawedThrough = (which: string, coldestC: string) =>
  `goes in frozen: thawed through in ${which}, the bath down to ${coldestC} °C; no salt enters ice, and little what is so cold`;
export const beginsAtAboutCWith = ({
  metC,
  temperatureC,
  timeConstantH,
}: {
  metC: string;
  temperatureC: string;
  timeConstantH: string;
}) =>
  `begins at about ${metC} °C with the food in it, and comes to ${temperatureC} °C in some ${timeConstantH} h`;
export const outsideSeasonedTheOuterThird = (outsideShare: string) =>
  `Outside seasoned: the outer third of the thickness at target (within ${outsideShare} %), no spot counting for more than the target.`;
export const seasonedTheMeanAtOf = (seasonedShare: string) =>
  `Seasoned: the mean at ${seasonedShare} % of the target or more; with dry or injected salt no spot counts for more than the target.`;
export const evenTheCentreOrHalf = (evenShare: string) =>
  `Even: the centre, or half-way between stabs, at ${evenShare} % of the mean or more, and seasoned.`;
export const pastMeans = {
  acid_limit: "Spoilt when acid turns flesh of this kind chalky or mealy (practice).",
  enzyme_limit: "Spoilt when the fruit's enzymes turn the surface to paste (practice).",
  over_baked: "Overdone when it has baked a quarter longer than the latest reckoning.",
  over_salted: "Salty when the mean is 15 % over the target.",
  texture_limit: "Stands too long when practice says the texture suffers.",
  storage_limit:
    "Keeps no longer when raw food of this kind has been kept as long as the storage chart allows.",
};
export const notWithin4Days = "not within 4 days";
export const readyEarlyLikelyLate = ({
  early,
  likely,
  late,
}: {
  early: string;
  likely: string;
  late: string;
}) => `ready: early ${early} · likely ${likely} · late ${late}`;
export const stoodTooLongLikely = (likely: string) => `stood too long: likely ${likely}`;
export const earlyAndLate15Closer = ({
  readiness,
  pastReason,
  kind,
  minH,
  maxH,
  typicalH,
}: {
  readiness: string;
  pastReason: string;
  kind: string;
  minH: number;
  maxH: number;
  typicalH: number;
}) =>
  `${readiness} ${pastReason} Early and late: ${kind === "within" ? "15 % closer or wider stabs" : "2 mm thinner or thicker"}, and diffusivity half-way to its published limits. Practice for this: ${minH} to ${maxH} h, usually ${typicalH} h.`;
export const soakEngineLimitsFromThe =
  "Soak engine; limits from the practice table and the USDA FSIS storage chart (from memory).";
export const theWayFromStabTo = (kind: string) =>
  kind === "within"
    ? "The way from stab to stab counts twice over: half as far is a quarter of the time."
    : "Salt needs days to reach the middle of thick flesh. Slashes, thinner pieces or a stronger, timed brine shorten the way; “outside seasoned” is what a night gives.";
export const ofItGSaltWas = (naclG: string, eatenG: string) =>
  `of it ${naclG} g salt was in the food already (total ${eatenG} g)`;
export const saltThatComesToThe =
  "Salt that comes to the table, from every source: what stays in the tub, in the crust or on the tray is not eaten.";
export const sodiumIs03934Of =
  "Sodium is 0.3934 of salt, by atomic masses. People on a sodium limit: your clinician's word goes before this.";
