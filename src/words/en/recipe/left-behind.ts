export const why = {
  setAside: "is kept aside: the Bench keeps a share of the mixture back and weighs nothing twice.",
  leftOut: "is left out, as you chose.",
  tooManyLines: "is one line more than a formula holds.",
  iceIsWater: "counts as water of the brine; the Bench shows how to chill with ice.",
  standsWarm: "is a soak at room temperature; the formula keeps it in the fridge.",
  tooManyStages: "is one stage more than a formula holds.",
  secondCore: "is a second core; the formula cooks to the first.",
};
export const notCarriedIntoTheFormula = "Not carried into the formula";
