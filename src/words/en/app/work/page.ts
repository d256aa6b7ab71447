export const atWork = "At work";
