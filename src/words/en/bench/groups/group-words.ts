export const thawWord = {
  fridge: "in the fridge",
  coldWater: "in cold water",
  inBrine: "in the bath",
  counter: "on the counter",
};
export const aThinPartOf = (thicknessMm: string) => `a thin part of ${thicknessMm}`;
export const long = (lengthMm: string) => `${lengthMm} long`;
export const slashedEvery = (slashDepthMm: string, slashSpacingMm: string) =>
  `slashed ${slashDepthMm} every ${slashSpacingMm}`;
export const skinOn = "skin on";
export const saltEntersByOneFace = "salt enters by one face";
export const aRackNoSaltEnters = "a rack: no salt enters by its bones";
export const moreSizes = (alongsideCount: number) => `${alongsideCount} more sizes`;
export const frozenThaws = (thaw: string) => `frozen, thaws ${thaw}`;
export const saltedByThePacker = "salted by the packer";
export const onOneFace = "on one face";
export const noSaltChosen = "no salt chosen";
export const sugarTo1OfSalt = (part: string) => `sugar ${part} to 1 of salt`;
export const none = "none";
export const ofTheMeat = (fraction: string) => `${fraction} % of the meat`;
export const gGiven = (massG: number) => `${massG} g given`;
export const givenByTheSpoon = "given by the spoon";
export const aPinch = (count: number) => (count === 1 ? "a pinch" : `${count} pinches`);
export const nothingButSalt = "nothing but salt";
export const rackOrTray = "rack or tray";
export const ofWater = (massG: string) => `${massG} of water`;
export const waterToCover = "water to cover";
export const rinsed = (minutes: number) => `rinsed ${minutes} min`;
export const stages = (stagesCount: number) => `${stagesCount} stages`;
export const inTheMiddle = (toC: string) => `${toC} in the middle`;
export const rest = (restMin: number) => `rest ${restMin} min`;
export const someSetAside = "some set aside";
export const nothingYet = "nothing yet";
export const withNotes = "with notes";
export const bone = (bone: boolean) => (bone ? "bone in" : "boneless");
export const frozen = "frozen";
export const covered = (covered: boolean) => (covered ? "covered" : "uncovered");
export const portions = (count: number) => `${count} ${count === 1 ? "portion" : "portions"}`;
export const moreOnOne = "60 to 40";
