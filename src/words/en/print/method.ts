export const whatIsDone = "What is done";
export const goingIn = "going in";
export const before = (atMin: number, long: string) => (atMin < 0 ? `${long} before` : `after ${long}`);
