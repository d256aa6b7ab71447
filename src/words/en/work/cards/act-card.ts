export const now = (due: boolean) => (due ? "Now" : "Next");
export const nowOfUntilH = (atOnce: boolean, time: string) => (atOnce ? "now" : `due ${time} ago`);
export const done = "Done";
export const wasNotDone = "Was not done";
export const inTime = (time: string) => `in ${time}`;
