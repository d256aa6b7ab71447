export const allDoneHowWasIt = (name: string) => `${name}: all done. How was it?`;
