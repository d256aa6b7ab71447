export const withScents = (simmered: string) => `, with ${simmered}`;
export const stirIntoTheColdLiquid = (all: string) => `Stir ${all} into the cold liquid`;
export const itDissolvesInAnHour = "It dissolves in an hour cold, in minutes hot.";
export const noGrainsLeftOnThe = "No grains left on the bottom.";
export const and = (poured: string) => ` and ${poured}`;
export const dissolveGHotWater = ({ what, hotG, scent }: { what: string; hotG: string; scent: string }) =>
  `Dissolve ${what} in ${hotG} g hot water${scent}`;
export const itDissolvesInMinutesHot = (dissolvesHot: boolean) =>
  dissolvesHot
    ? "It dissolves in minutes hot, in an hour cold."
    : "The last of it dissolves as the ice melts.";
export const hotWater = "hot water";
export const addGIceTheBrine = ({ iceG, cold, coldC }: { iceG: string; cold: string; coldC: string }) =>
  `Add ${iceG} g ice${cold}: the brine to ${coldC} °C`;
export const neverPutFoodIntoA = "Never put food into a warm brine. The ice is part of its water.";
export const aThermometerInItReads = "A thermometer in it reads 4 °C or less.";
export const ice = "ice";
export const brineCold = "brine, cold";
export const beatLooseWithGWater = ({
  eggWhites,
  anyG,
  waterG,
  saltG,
}: {
  eggWhites: string;
  anyG: number;
  waterG: string;
  saltG: string;
}) => `Beat ${eggWhites} loose${anyG > 0 ? ` with ${waterG} g water` : ""}, fold into ${saltG} g salt`;
export const twoForTheLotMore = (school: string) =>
  school === "sparingEggWhite"
    ? "Two for the lot: more sets too hard to open."
    : "It sets like plaster and lifts off whole.";
export const aSqueezedHandfulHoldsIts = "A squeezed handful holds its shape.";
export const eggWhites = "egg whites";
export const salt = "salt";
export const thenGAtATime = (then: string, thenCount: number) =>
  `, then ${then} g at a time, up to ${thenCount} times`;
export const dampGSaltWithG = ({ saltG, first, more }: { saltG: string; first: string; more: string }) =>
  `Damp ${saltG} g salt with ${first} g water${more}`;
export const tooDryItCrumblesToo = "Too dry it crumbles, too wet it sets hard and salts the food.";
export const squeezedLikeDampSand = "A squeezed handful holds its shape, like damp sand.";
export const waterFirst = "water, first";
export const eggWhite = (amount: number) => `${amount} egg ${amount === 1 ? "white" : "whites"}`;
export const stirThePasteBindIt = (gramsText: string, binderName: string) =>
  `Stir the paste; bind it with ${gramsText} g ${binderName}, one after another`;
export const stirThePaste = "Stir the paste";
export const stirLookThenTheNext = "Stir, look, then the next: it must cling to slippery food.";
export const itHoldsOnTheSpoon = "It holds on the spoon.";
export const mixThe = (name: string, massG: string) => `Mix the ${name}, ${massG} g`;
export const noSaltInItThat = (first: boolean, wet: boolean) =>
  first
    ? "No salt in it: that goes on the food."
    : wet
      ? "Salt first into the wet part, oil last."
      : "Break up lumps.";
export const oneColourThroughout = (first: boolean, wet: boolean) =>
  first || !wet ? "One colour throughout." : "No salt on the bottom.";
export const the = (name: string) => `the ${name}`;
export const rubOrMarinade = (rub: boolean) => (rub ? "rub" : "marinade");
