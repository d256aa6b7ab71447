export const theOfficialMinimumIs = (safeMinC: number) => ` The official minimum is ${safeMinC} °C.`;
export const itsMiddleWasNotRead = "Its middle was not read: nobody knows how far it went.";
export const aProbeInTheThickest = "A probe in the thickest part, from the start.";
export const itsMiddleReadCWas = ({
  coreC,
  wantedC,
  least,
}: {
  coreC: number;
  wantedC: number;
  least: string;
}) => `Its middle read ${coreC} °C; ${wantedC} °C was wanted.${least}`;
export const takeItOutOfThe = "Take it out of the heat sooner: it still climbs.";
export const cWasAskedForC = (wantedC: number, enoughC: number) =>
  `${wantedC} °C was asked for; ${enoughC} °C is usual for this.`;
export const askForNeverUnderThe = (enoughC: number, safeMinC: null | number) =>
  `Ask for ${enoughC} °C${safeMinC === null ? "" : `, never under the ${safeMinC} °C of your food code`}.`;
export const itStoodCoveredTheSkin = (covered: boolean) =>
  covered ? "It stood covered: the skin never dried." : "The skin may not have dried long enough.";
export const theLastTwelveHoursBare = "The last twelve hours bare on a rack in the fridge; start hot.";
export const sugarBlackensAtAboutC = ({
  sugarFraction,
  scorchC,
  ovenC,
}: {
  sugarFraction: number;
  scorchC: number;
  ovenC: number;
}) => `${sugarFraction} % sugar blackens at about ${scorchC} °C; the oven was ${ovenC} °C.`;
export const aCoolerOvenFoilOr = "A cooler oven, foil, or the sweet part in the last minutes.";
export const thePlanLeftNoTime = "The plan left no time for a slow oven.";
export const startHalfAnHourEarlier = "Start half an hour earlier; a rest forgives, a table does not.";
export const itWentIntoThePan = "It went into the pan wet.";
export const patItDryAndLet = "Pat it dry, and let it stand bare before the heat.";
export const theThickOnesNeedTimes = (timesRatio: string) =>
  `The thick ones need ${timesRatio} times as long.`;
export const sortThemByThicknessTwo = "Sort them by thickness: two trays, two times.";
export const theyWereTakenAsAlike = "They were taken as alike.";
export const measureTheThickestAndThe = "Measure the thickest and the thinnest: they may want two trays.";
export const ofItCouldStick = (stuckShare: number) => `${stuckShare} % of it could stick.`;
export const lessOfItOnA = "Less of it, on a dry or oiled face.";
export const onlyMmOverIt = (overMm: number) => `Only ${overMm} mm over it.`;
export const of12MmOrMorePack = "12 mm or more; pack it damp.";
export const dampSaltThatCrumblesIn = "Damp salt that crumbles in the hand cracks in the oven.";
export const moreWaterByStepsTo = "More water, by steps, to the squeeze test.";
export const eggWhitesInIt = (eggWhites: number) => `${eggWhites} egg whites in it.`;
export const theSparingSchoolTwoFor = "The sparing school: two for the lot, or water.";
export const packsHardAndDissolvesFast = (saltName: string) => `${saltName} packs hard and dissolves fast.`;
export const coarseOrDenseRolledCrystals = "Coarse or dense rolled crystals.";
export const itWasScaledAboutTwice = "It was scaled: about twice the salt gets in.";
export const leaveTheScalesOnPeel = "Leave the scales on; peel the skin at the table.";
