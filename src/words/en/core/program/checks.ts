export const smellAndLookAtThe = "Smell and look at the fish";
export const onlyVeryFreshFishIs = "Only very fresh fish is worth the salt.";
export const cleanSeaSmellClearEyes =
  "Clean sea smell, clear eyes, bright gills; flesh springs back from a thumb.";
export const lookItOverPinFeathers = "Look it over: pin feathers, giblets left inside";
export const whatIsLeftInsideSpoils = "What is left inside spoils the cavity and cannot be weighed away.";
export const readTheLabelSolutionBrine = "Read the label: solution, brine, sodium";
export const foodSaltedByThePacker =
  "Food salted by the packer changes the whole sum; enter it under “Salted by the packer”.";
export const cutFinsOffWithShears = "Cut fins off with shears";
export const finsAndSpinesCutHands = "Fins and spines cut hands and bags.";
export const leaveTheScalesOn = "Leave the scales on";
export const theyKeepSaltOffThe = "They keep salt off the flesh, and the crust lifts away with the skin.";
export const scaleIt = "Scale it";
export const saltAndPasteReachThe =
  "Salt and paste reach the skin; under a crust brush off with care afterwards.";
export const scrubItLeaveTheSkin = "Scrub it, leave the skin on";
export const theSkinKeepsTheSalt = "The skin keeps the salt at the outside; it is peeled off at the table.";
export const pressItFor20Min = "Press it for 20 min between cloths";
export const pressedItTakesUpThe = "Pressed, it takes up the paste instead of thinning it.";
export const patItDryOnEvery = (kingdom: string) =>
  kingdom === "bird" ? "Pat it dry on every face; do not rinse it" : "Pat it dry on every face";
export const wetFoodShedsOilPaste =
  "Wet food sheds oil, paste and spice, and will not crisp; rinsing splashes germs about the sink.";
export const rinseItGentlyAndLow = "Rinse it, gently and low in the sink, then pat it dry";
export const foodSafetyAuthoritiesAdvise =
  "Food-safety authorities advise against washing poultry: splashes carry germs. Wash the sink after it.";
export const slashMmDeepEveryMm = (slashDepthMm: number, slashSpacingMm: number) =>
  `Slash ${slashDepthMm} mm deep every ${slashSpacingMm} mm, both sides`;
export const itShortensTheWaySalt = "It shortens the way salt must go; the sums count it.";
