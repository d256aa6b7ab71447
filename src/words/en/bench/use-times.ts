export const itGoesInBeforeIt = "It goes in before it goes to the heat.";
export const fourDaysInItAre = "Four days in it are the most that is worked out.";
export const thatTimeHasPassedSay = "That time has passed. Say one that is still to come.";
export const fourDaysAreTheMost =
  "Four days in it are the most that is worked out. Say a sooner time, or when it goes in first.";
