export const eaters = "Eaters";
export const portions = "Portions";
export const skinTakenOffBeforeIt = "Skin taken off before it is eaten";
export const notes = "Notes";
