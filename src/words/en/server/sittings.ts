export const usedAlready = "Used already";
export const thisIdOrKeyWas = "This id or key was used for another sitting.";
export const changedElsewhereMeanwhile = "Changed elsewhere meanwhile";
export const somebodyChangedThisSitting =
  "Somebody changed this sitting since you opened it. Yours was not saved; take theirs, or save yours over it.";
export const actOfThisDish = "act of this dish";
export const dishToStart = "dish to start";
