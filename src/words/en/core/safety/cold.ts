export const brineRoomTemp = {
  title: "Soak not refrigerated",
  because:
    "{{pullH}} h at {{temperatureC}} °C. Perishable food may stay above {{coldC}} °C for {{limitH}} h in all, no longer.",
};
export const fridgeTooWarm = {
  because: "The fridge is at {{temperatureC}} °C; raw food is kept at or below {{coldC}} °C.",
};
export const hotBrine = {
  title: "Brine not cold before the food goes in",
  because: "The brine is at {{brineStartC}} °C; it must be at or below {{coldC}} °C before raw food goes in.",
};
export const coolerIceMelt = {
  because: "{{pullH}} h in a cooler: ice melts, and the brine warms and weakens.",
};
export const rawStorage = {
  because:
    "Raw for {{rawH}} h in all; raw {{food}} keeps about {{limitH}} h in the fridge from the day it is bought.",
};
export const scombroid = {
  because: "{{food}}: this kind makes histamine when warm, and cooking does not remove it.",
};
export const dangerZoneTotal = {
  because: "{{pullH}} h at {{temperatureC}} °C is more than the {{limitH}} h in all that it may be warm.",
};
export const counterThaw = {
  because: "Thawing on the counter: the outside is warm for hours while the middle is frozen.",
};
export const frozenBirdWarmBrine = {
  title: "Frozen food in a bath that warms",
  because: "Frozen {{food}} goes into a bath at {{temperatureC}} °C in {{place}}.",
};
export const place = { counter: "the room", cooler: "a cooler", fridge: "a fridge" };
