export const beforeYouStart = "Before you start";
export const hotWaterAndIce = "Hot water and ice";
export const moreFood = "More food";
export const buy = "Buy";
export const thawAndCooler = "Thaw and cooler";
