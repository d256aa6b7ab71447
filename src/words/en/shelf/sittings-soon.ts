export const planned = "planned";
export const late = "late";
export const doesNotFit = "does not fit";
export const notPlannedYet = "not planned yet";
export const sittingsToCome = "Sittings to come";
export const planASitting = "Plan a sitting";
export const rehearsalUnderWay = "rehearsal under way";
export const noDishesYet = "no dishes yet";
