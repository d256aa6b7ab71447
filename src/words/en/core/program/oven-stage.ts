export const covered = {
  open: "open",
  lid: "under a lid",
  foil: "under foil",
  pouch: "in a sealed pouch",
  crust: "in its crust",
};
export const baste = "Baste";
export const eachOpeningCostsTheOven = "Each opening costs the oven two to four minutes: be quick.";
export const turnIt = "Turn it";
export const bothSidesAlike = "Both sides alike.";
export const searedAllRound = "Seared all round?";
export const colourNowItWillNot = "Colour now; it will not come later under cover.";
export const tentItWithFoil = "Tent it with foil";
export const theOutsideIsBrownEnough = "The outside is brown enough; the inside is not done yet.";
export const inItsDishIntoThe = (inColdDish: undefined | boolean, first: boolean) =>
  inColdDish && first ? "In its dish into the oven" : "Into the oven";
export const uncovered = ", uncovered";
export const onAsItIs = "On as it is";
export const more = ({ what, part, minutes }: { what: string; part: string; minutes: string }) =>
  `${what}${part}, ${minutes} more`;
export const ovenUpTo = ({
  what,
  hotter,
  ovenC,
  lid,
  minutes,
}: {
  what: string;
  hotter: boolean;
  ovenC: string;
  lid: string;
  minutes: string;
}) => `${what}Oven ${hotter ? "up" : "down"} to ${ovenC} °C${lid}, ${minutes}`;
export const theMiddleDecidesTheClock = "The middle decides, the clock only reminds.";
export const aHotterOvenForThe = "A hotter oven for the outside.";
export const aGentlerOneForThe = "A gentler one for the middle.";
export const oven = "oven";
export const lasts = "for";
