export const chilliHeat = "Chilli heat";
