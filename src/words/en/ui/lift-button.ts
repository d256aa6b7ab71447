export const takenOut = (name: string) => `Taken out: ${name}`;
export const takenOutShort = "Taken out";
export const putBack = (name: string) => `Put back: ${name}`;
export const notOutYet = "Not out yet";
