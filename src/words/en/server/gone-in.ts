export const startTimeOutOfReach = "Start time out of reach";
export const aBatchStartsWithinThe = "A batch starts within the last 14 days or the next 31. Check the date.";
export const withinTheLast14Days = "within the last 14 days or the next 31";
