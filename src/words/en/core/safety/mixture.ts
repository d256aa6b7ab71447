export const overAcidFish = {
  because: "pH {{pH}} for {{pullH}} h; {{food}} bears {{limitH}} h of it.",
};
export const acidNotCooking = {
  because: "{{food}} in acid, to be eaten raw: what turns opaque is not cooked.",
};
export const enzymeMush = {
  because: "{{percent}} % of the food is enzyme fruit, for {{pullH}} h; {{limitH}} h is the most.",
};
export const reusedMarinade = {
  because: "“{{name}}” is made with what lay on raw food, and is not said to be boiled.",
};
export const boilLeftover = {
  title: "Boil what touched raw food",
  because: "“{{name}}” is made with what lay on raw food: bring it to a full boil before it is eaten.",
};
export const garlicOil = {
  because: "Garlic, chilli or fresh herb under oil at {{temperatureC}} °C for {{pullH}} h.",
};
export const rawEggServed = {
  title: "Raw egg, not cooked",
  because: "{{what}} goes into the {{part}}, which is not cooked.",
  instead: "Pasteurised egg, or cook it to 71 °C.",
};
export const alcohol = {
  because: "{{grams}} g of alcohol a portion goes in; some stays after cooking.",
};
export const mustardOilRule = { because: "Mustard oil is among the lines." };
export const hiddenSalt = {
  title: "The mixture is salty enough without salt",
  because:
    "Its lines bring {{hiddenG}} g of salt; {{wantedG}} g would season the food. No salt is weighed out, and it is still too much.",
  instead: "Less of the saltiest line, or its unsalted kind; the ledger names it.",
  source: "common practice, no source; mass balance",
  deferTo: "your own taste",
};
export const besideFood = {
  title: "It stands beside the food",
  because: "{{haveMl}} ml is here, {{coverMl}} ml would cover the food in this vessel.",
  instead: "A bag pressed round the food needs about {{bagMl}} ml; or turn it every few hours.",
  source: "common practice, no source; geometry",
  deferTo: "your own eye",
};
export const thinPaste = {
  title: "The paste will be thinner than that",
  because: "{{haveG}} g of paste over this surface; {{neededG}} g would stand as thick as you asked.",
  instead: "More of every line, or spread it on the side that shows.",
  source: "common practice, no source; geometry",
  deferTo: "your own eye",
};
export const fallsOff = {
  title: "Some of it will not stick",
  because:
    "{{massG}} g of rub; this face holds about {{holdsG}} g. {{percent}} % falls off, and its salt with it.",
  instead: "Less rub, a damp or oiled face, or more of it inside.",
  source: "common practice, no source",
  deferTo: "your own eye",
};
