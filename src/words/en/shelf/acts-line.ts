export const tonight = "Tonight";
export const tomorrow = "Tomorrow";
export const nextActs = "Next acts";
export const noneTonightOrTomorrow = "None tonight or tomorrow.";
export const aLittleLate = "· a little late";
export const moreAtWork = (actsCount: number) => `${actsCount} more, at work`;
export const today = "Today";
