export const overSalted = {
  title: "It will be too salty",
  because:
    "{{percent}} % salt in the flesh as it goes to the heat; from 2 % it tastes like ham, above 2.5 % most eaters object.",
  instead: "Take it out earlier, weaken the brine, or choose the equilibrium school, which cannot overshoot.",
  source: "common practice, no source",
  deferTo: "your own record and taste",
};
export const dishSalty = {
  title: "The whole dish is saltier than wanted",
  because:
    "{{percent}} % of the food's weight in salt is eaten, all sources together; {{wantedPercent}} % was wanted.",
  instead: "Cut {{line}}: the ledger says by how much.",
  source: "salt ledger, mass balance",
  deferTo: "your own record and taste",
};
export const belowWanted = {
  title: "Less salt than you want",
  because:
    "With the salt you gave it comes to {{percent}} % of the finished flesh; {{wantedPercent}} % is wanted.",
  instead: "Leave it so for a light dish, salt at the table, or let the salt follow from what is wanted.",
  source: "salt ledger, mass balance",
  deferTo: "your own taste",
};
export const overlongSoak = { because: "Planned for {{pullH}} h; the window ends at {{limitH}} h." };
export const doubleSalt = {
  because: "It holds {{percent}} % salt before you begin. The sums count it; a second dose adds up fast.",
};
export const undissolved = {
  because:
    "{{percent}} % is more than cold water dissolves ({{limitPercent}} %): the rest stays on the bottom.",
};
export const volumeMeasuredSalt = {
  because: "A cup of {{salt}} varies by about {{doubtPercent}} % between makers, and the brine with it.",
};
export const sodiumRestricted = {
  because: "{{sodiumMg}} mg of sodium a portion; a day's limit for most adults is {{dayMg}} mg.",
};
export const potassiumSalt = { because: "{{salt}} is {{percent}} % potassium chloride." };
export const nonFoodSalt = {
  title: "Not a food salt",
  because: "{{salt}} is not made for food.",
  instead: "Any plain food salt; weigh it, and the sheet follows.",
  source: "common practice, no source",
};
