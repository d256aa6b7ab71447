export const saltCrust = "salt crust";
export const inItsCrust = "in its crust";
export const takeItOutOfThe = "Take it out of the crust";
export const crust = "Crust";
export const bakedInSalt = "baked in salt";
export const way = "Salt crust";
export const inTheCrust = "In the crust";
export const aProbeThroughTheCrust =
  "A probe through the crust in the thickest part decides. Opened hot it lets out steam: face away, gloves.";
export const leaveSkinOrScalesOn =
  "Leave skin or scales on, dry the face well, and open it as soon as it is done.";
export const aCrustSaltsTheFace =
  "A crust salts the face alone: salt the flesh itself before it is packed, or at the table.";
