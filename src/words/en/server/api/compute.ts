export const moreIceThanWater = "More ice than water";
export const icegTheIceIsPart = "iceG: the ice is part of the water; it must be less than waterG.";
export const theSumsDoNotWork = "The sums do not work out";
