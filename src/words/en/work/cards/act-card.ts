export const now = (due: boolean) => (due ? "Now" : "Next");
export const nowOfUntilH = (untilH: boolean, untilH2: string) => (untilH ? "now" : `due ${untilH2} ago`);
export const done = "Done";
export const wasNotDone = "Was not done";
export const inTime = (time: string) => `in ${time}`;
