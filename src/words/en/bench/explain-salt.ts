export const withTheFleshsOwnSalt = (convention: string, endFraction: string) =>
  `${convention} With the flesh's own salt it would end at ${endFraction} % of the finished flesh.`;
export const asGiven = {
  convention: "The salt is yours, to the gram; the rest follows from it.",
  source: "Mass balance.",
};
export const gOfFleshGOf = ({ fraction, massG, ownG }: { fraction: string; massG: string; ownG: string }) =>
  `${fraction} % × ${massG} g of flesh = ${ownG} g of pure salt`;
export const gOfPureSalt = ({ massG, purity, ownG }: { massG: string; purity: string; ownG: string }) =>
  `${massG} g × ${purity} = ${ownG} g of pure salt`;
export const gOfPureSaltOfVolumeMl = ({
  volumeMl,
  densityGPerMl,
  purity,
  ownG,
}: {
  volumeMl: string;
  densityGPerMl: string;
  purity: string;
  ownG: string;
}) => `${volumeMl} ml × ${densityGPerMl} g/ml × ${purity} = ${ownG} g of pure salt`;
export const gOfPureSaltOfCount = ({
  count,
  eachG,
  purity,
  ownG,
}: {
  count: string;
  eachG: string;
  purity: string;
  ownG: string;
}) => `${count} × ${eachG} g × ${purity} = ${ownG} g of pure salt`;
export const noSaltIsPutIn = "no salt is put in";
export const gOfSaltPerG = ({
  amount,
  waterFraction,
  perWater,
}: {
  amount: string;
  waterFraction: string;
  perWater: string;
}) => `${amount} ÷ (100 − ${amount}) ÷ ${waterFraction} = ${perWater} g of salt per g of water wanted`;
export const gInTheFleshG = ({
  perWater,
  massG,
  waterG,
  what,
  ownG,
  wantedG,
}: {
  perWater: string;
  massG: string;
  waterG: string;
  what: string;
  ownG: string;
  wantedG: string;
}) =>
  `${perWater} × (${massG} g in the flesh + ${waterG} g in the ${what}) − ${ownG} g it holds = ${wantedG} g`;
export const gOfSaltPerGOfSaltFraction = (saltFraction: string, amount: string) =>
  `${saltFraction} ÷ (100 − ${saltFraction}) = ${amount} g of salt per g of water`;
export const gOfWater = ({ waterG, amount, wantedG }: { waterG: string; amount: string; wantedG: string }) =>
  `${waterG} g of water × ${amount} = ${wantedG} g`;
export const gItHolds = ({
  amount,
  massG,
  waterG,
  ownG,
  wantedG,
}: {
  amount: string;
  massG: string;
  waterG: string;
  ownG: string;
  wantedG: string;
}) => `${amount} % × (${massG} g + ${waterG} g) − ${ownG} g it holds = ${wantedG} g`;
export const gOfFleshGOfOfAmount = ({
  amount,
  massG,
  stayG,
  ownG,
  wantedG,
}: {
  amount: string;
  massG: string;
  stayG: string;
  ownG: string;
  wantedG: string;
}) =>
  `${amount} ÷ (100 − ${amount}) × (${massG} g of flesh + ${stayG} g of water that stays in) − ${ownG} g it holds = ${wantedG} g to stay in`;
export const thatDoesNotRunOut = ({
  stayG,
  stays,
  wantedG,
  brineG,
}: {
  stayG: string;
  stays: string;
  wantedG: string;
  brineG: string;
}) => `${stayG} g ÷ ${stays} that does not run out again = ${wantedG} g in ${brineG} g of brine`;
export const gOfFlesh = ({
  doseFraction,
  massG,
  wantedG,
}: {
  doseFraction: string;
  massG: string;
  wantedG: string;
}) => `${doseFraction} % × ${massG} g of flesh = ${wantedG} g`;
export const theFoodHoldsAsMuch = "the food holds as much as is wanted: none is put on";
export const gOfFleshGIt = ({
  massG,
  amount,
  ownG,
  wantedG,
}: {
  massG: string;
  amount: string;
  ownG: string;
  wantedG: string;
}) => `${massG} g of flesh × ${amount} ÷ (100 − ${amount}) − ${ownG} g it holds = ${wantedG} g`;
export const gHidesInTheOther = (hiddenG: string) =>
  `${hiddenG} g hides in the other lines: no salt is weighed out`;
export const gHiddenInTheOther = ({
  wantedG,
  hiddenG,
  ownG,
}: {
  wantedG: string;
  hiddenG: string;
  ownG: string;
}) => `${wantedG} g − ${hiddenG} g hidden in the other lines = ${ownG} g`;
export const setAside = ({ ownG, share, naclG }: { ownG: string; share: string; naclG: string }) =>
  `${ownG} g ÷ (1 − ${share} set aside) = ${naclG} g`;
export const gOfPureSaltG = ({
  naclG,
  naclFraction,
  massG,
  saltName,
}: {
  naclG: string;
  naclFraction: string;
  massG: string;
  saltName: string;
}) => `${naclG} g of pure salt ÷ ${naclFraction} = ${massG} g of ${saltName} on the scale`;
export const aStrongBrineLeftAt =
  "A strong brine, left at the right hour. Strength is salt over salt and water; the clock decides what the flesh takes up.";
export const massBalanceStrengthByThe = "Mass balance; strength by the cook.";
export const leftForEverThisBath = (endFraction: string) =>
  `Left for ever, this bath would bring the flesh to ${endFraction} %: the equilibrium school uses only the salt the food should end with, and cannot overshoot.`;
export const waterPhaseSaltLivesIn =
  "Water-phase: salt lives in the water, so bath and flesh end with the same salt per gram of water. The default, because it is what makes the flesh end at the figure you asked for.";
export const theWholeMassFormulaWould = (other: string) =>
  `The whole-mass formula would weigh out ${other} g, and the flesh would end lower.`;
export const wholeMassSaltTargetFood =
  "Whole-mass: salt = target × (food + water), the usual kitchen formula. Flesh is only part water, so it ends under the figure you asked for.";
export const theWaterPhaseSumWould = (other: string) => `The water-phase sum would weigh out ${other} g.`;
export const brineIsOfTheWeight = (pickupFraction: string, dripFraction: string) =>
  `Brine is ${pickupFraction} % of the weight on the scale; ${dripFraction} % of it is taken to run out again, at its own strength. The water that stays is salted too: the figure you asked for is of the flesh with it.`;
export const massBalanceWhatRunsOut =
  "Mass balance; what runs out is common practice, no source: weigh yours.";
export const aBathBringsNoWater =
  "A bath brings no water to speak of and takes days to the middle of a joint; dry salt takes as long, and less room.";
export const moreThanIsWantedFor =
  "More than is wanted, for minutes: the clock decides what goes in, and the rest is rinsed or brushed off.";
export const commonPracticeNoSourceSoak = "Common practice, no source; soak engine for what goes in.";
export const aDryBrinePutsOn =
  "A dry brine puts on only what the food should end with, and takes hours instead.";
export const theFoodIsSaltedBy =
  "The food is salted by itself first, all of it on the flesh; the mixture goes over it without salt of its own.";
export const commonPracticeNoSourceMass = "Common practice, no source; mass balance.";
export const saltedInTheMixtureFlesh =
  "Salted in the mixture, flesh and mixture even out, and some of the salt stays behind in it.";
export const saltLivesInTheWater =
  "Salt lives in the water: mixture and flesh would end with the same salt per gram of water, and the flesh at the figure you asked for. Oil takes none.";
export const massBalanceSaltInThe = "Mass balance; salt in the lines from the ingredients table.";
export const aPlainShareOfThe = (targetFraction: string, saltG: string) =>
  `A plain share of the food, ${targetFraction} % of its edible weight, would be ${saltG} g: part of it stays in the mixture, and the flesh ends lower. Others salt the food first and coat it afterwards.`;
export const ofTheRubSticksWhat = (stuckShare: string) =>
  `${stuckShare} % of the rub sticks; what falls off takes its salt with it.`;
export const putOnTheFacesAll = "Put on the faces, all of it meant to go in; nothing is rinsed off.";
export const massBalanceWithoutNetMovement =
  "Mass balance without net movement of water; the whole-mass formula is common practice, no source.";
