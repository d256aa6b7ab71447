export const foodFlag = {
  scombroid: "makes histamine when it gets warm: mackerel, tuna, sardine and their kin",
  parasites: "may carry parasites or germs when eaten raw or lightly cooked: fish and shellfish",
  fatty_bird: "a fat bird such as duck or goose: salted longer than other birds",
  cured: "cured or salted already",
  smoked: "smoked already",
};
export const ingredientFlag = {
  honey: "honey, or made with it: never for a child under twelve months",
  fresh_in_oil: "fresh and low in acid (garlic, herbs, chilli, onion): under oil it must stay cold",
  raw_egg: "raw egg: not for people at risk unless it is cooked",
  erucic: "mustard oil: labelled “for external use” in some countries",
  smoked: "smoked",
  cured: "cured or preserved in salt",
  nitrite: "holds nitrite or nitrate (curing salt): out of scope here",
};
export const saltFlag = {
  nitrite: "holds nitrite or nitrate (curing salt): out of scope here",
};
