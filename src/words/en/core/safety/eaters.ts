export const allergen = { because: "{{what}} in this dish; {{who}} must avoid it." };
export const allergenLabel = { because: "Some makers' kinds hold {{what}}; {{who}} must avoid it." };
export const readLabels = {
  title: "Read these labels",
  because: "Some makers add {{what}} to what is in this dish.",
};
export const honeyInfant = { because: "Honey in this dish, and {{who}} is under twelve months." };
export const honeyNote = {
  because: "Honey in this dish: never for a child under twelve months, not even cooked.",
};
export const sodiumEater = {
  title: "Too much sodium for somebody",
  because: "{{sodiumMg}} mg of sodium a portion; {{who}} may have {{limitMg}} mg.",
};
export const atRiskEater = {
  title: "Not safe for somebody at the table",
  because: "{{why}}; {{who}} should have nothing raw or under the official minimum.",
  instead: "Cook their part to the official minimum, or give them another dish.",
  source: "USDA FSIS; FDA Food Code 2022 (recalled)",
};
export const itIsEatenRaw = "It is eaten raw";
export const itIsCookedToC = (cook: number, safeMinC: number) =>
  `It is cooked to ${cook} °C, under ${safeMinC} °C`;
export const alcoholEater = {
  title: "Alcohol for somebody who takes none",
  because: "{{grams}} g of alcohol a portion goes in; {{who}} takes none.",
  instead: "Juice, stock or vinegar in its place.",
  source: "USDA retention table; common practice (recalled)",
  deferTo: "the eater's own word",
};
export const tooHotFor = {
  title: "Hotter than somebody will eat",
  because: "{{heat}} heat; {{who}} eats {{most}} at most.",
  instead: "Turn the chilli dial down, or set their part aside before the chilli goes in.",
  source: "common practice, no source",
  deferTo: "the eater's own word",
};
