export const reactive = {
  aluminium: "Aluminium",
  bare_iron: "Bare iron",
  copper: "Copper",
};
export const reactiveMetal = { because: "{{metal}} and {{what}} for {{pullH}} h: it eats the metal." };
export const acidAndSalt = (sour: boolean) => (sour ? "acid and salt" : "salt");
export const nonFoodBucket = { because: "The vessel is not known to be food-grade." };
export const notSubmerged = {
  because: "{{exposedMm}} mm of the food stands out of the brine.",
  instead: "More water, a narrower vessel or a bag, or lay the pieces flat; turn every 8 h if it must stay.",
};
export const mayFloat = { title: "The food may float" };
export const floatsUp = {
  because: "Nothing holds the food down; most meat floats a little in brine.",
  instead: "A plate or a sealed bag of water on top.",
};
export const panOverflow = {
  because: "Food and brine take {{neededL}} L; the vessel holds {{capacityL}} L.",
};
export const fridgeFit = {
  title: "It does not fit the fridge",
  because: "The vessel is {{floorMm}} mm too long or wide and {{heightMm}} mm too high for the shelf.",
  instead: "A bag or another vessel, a shelf taken out, or a cooler with ice.",
  source: "geometry",
  deferTo: "your own eye",
};
