export const theFoodsWeight = "the food's weight";
export const theSurface = "the surface";
export const theLiquid = "the liquid";
export const theSalt = "the salt";
export const thePieces = "the pieces";
export const amount = ", amount";
export const parts = ", parts";
export const leftOut = (off: undefined | boolean, optional: boolean) =>
  off ? "left out" : optional ? "optional" : "more";
export const about = (name: string) => `about ${name}`;
export const what = "What";
export const whatStandsInPlaceOf = (name: string) => `What stands in place of ${name}`;
export const where = "Where";
export const inTheCrustsSalt = (places: string) =>
  places === "crust" ? "in the crust's salt" : "in the mixture";
export const underTheSkin = "under the skin";
export const inTheCavity = "in the cavity";
export const overAndUnder = "over and under";
export const onTheTray = "on the tray";
export const bakes = "Bakes";
export const optional = "Optional";
export const leftOutThisTime = "Left out this time";
export const swap = (name: string) => `Swap ${name}`;
export const remove = (name: string) => `Remove ${name}`;
export const partOfTheRatio = "Part of the ratio";
export const scalesWith = "Scales with";
export const inThisBatch = "In this batch";
export const nothingFixed = "nothing: fixed";
export const partsUnit = "parts";
