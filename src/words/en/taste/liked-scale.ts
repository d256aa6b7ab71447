export const to = (likedLow: string, likedHigh: string) => `${likedLow} to ${likedHigh}`;
export const percentSalt = "% salt";
