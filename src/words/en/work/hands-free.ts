export const movingOnByTheClock = (on: boolean) => (on ? "Moving on by the clock" : "Hands full");
