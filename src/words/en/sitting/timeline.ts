export const thePlanByTime = "The plan, by time";
export const putHere = ", put here";
export const tableAt = (hour: string) => `table ${hour}`;
export const now = "now";
