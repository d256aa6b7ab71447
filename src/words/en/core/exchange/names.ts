export const lawName = {
  foodMass: "by food",
  surface: "by surface",
  bath: "by liquid",
  salt: "by salt",
  piece: "by piece",
  vessel: "by vessel",
  batch: "fixed",
};
export const lawUnit = {
  foodMass: "g/kg",
  surface: "g/dm²",
  bath: "g/L",
  salt: "g/100 g",
  piece: "g each",
  batch: "g",
};
export const partName = {
  main: "the preparation",
  secondSalting: "salt once more",
};
