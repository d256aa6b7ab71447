export const sugarScorch = {
  because:
    "The coat is {{sugarPercent}} % sugar and blackens at about {{scorchC}} °C; the oven is {{ovenC}} °C for {{minutes}} min.",
};
export const glazeTooEarly = {
  title: "The glaze goes on too early",
  because:
    "On for the last {{lastMin}} min at {{ovenC}} °C; at that heat sugar stands {{low}} to {{high}} min.",
};
export const smokeBroiler = { because: "Under the grill: fat and oil smoke and can catch fire." };
export const glassShock = { because: "A cold glass dish goes into the heat." };
export const slowOven = {
  because: "{{massKg}} kg in an oven at {{ovenC}} °C; the usual floor is {{floorC}} °C.",
};
export const vesselInOven = {
  title: "This vessel cannot go into the oven",
  because: "{{vessel}} at {{ovenC}} °C: it melts, and what melts goes into the food.",
  instead: "A metal tray, glazed ceramic or enamel for the oven.",
  source: "common practice, no source",
  deferTo: "the maker's own limit",
};
export const aBag = (shape: string) =>
  shape === "bag" ? "A bag" : shape === "cooler" ? "A cooler" : "Plastic";
export const trayTooShort = {
  title: "The tray is too short",
  because: "The crust wants {{neededMm}} mm of length; the tray has {{trayMm}} mm.",
  instead: "A longer tray, laid cornerwise, head and tail left out, or two smaller fish.",
  source: "geometry",
  deferTo: "your own eye",
};
export const timeAtTemperature = {
  title: "Under the one-moment minimum: time counts",
  because:
    "To end at {{endC}} °C the published table asks {{asked}} at that temperature; by the sums this cook gives {{given}}{{reached}}.",
  instead:
    "Let it end at the official minimum, or keep it in the heat longer; only a probe tells what it was.",
  source: "FSIS Appendix A and its poultry tables (recalled)",
};
export const whichIsNotEnoughBy = ", which is not enough by it";
export const reachedMinAfterItGoes = (reachedMin: number) => `, reached ${reachedMin} min after it goes in`;
export const shorterThanPractice = {
  title: "Shorter than cooks count",
  because: "{{minutes}} min in the oven; common practice for {{form}} counts about {{trade}} min there.",
  instead: "Plan by the longer of the two; the probe decides when it comes out.",
  source: "common practice",
  deferTo: "the thermometer",
};
export const twoHeatsAtOnce = {
  title: "Two heats in one oven at once",
  because: "{{first}} wants {{firstC}} °C while {{second}} wants {{secondC}} °C, for {{minutes}} min.",
  instead:
    "One heat for both; or one after the other, the first resting meanwhile; or a second oven, if there is one.",
  source: "an oven has one heat",
  deferTo: "your own ovens",
};
export const rawFishParasites = {
  because: "{{food}} {{how}}: raw or lightly cooked fish can carry parasites and germs.",
};
export const eatenRaw = "eaten raw";
export const cookedTo = (toC: number) => `cooked to ${toC} °C`;
export const stuffingBird = {
  because: "A stuffed {{food}}: the stuffing must reach 74 °C too, and it slows the bird.",
};
export const noThermometer = {
  because: "No probe in this kitchen, and {{food}} has an official minimum of {{safeMinC}} °C.",
};
export const leftovers = { because: "{{grams}} g of edible food a portion: there will be some over." };
