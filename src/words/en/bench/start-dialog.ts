export const start = (formulationName: string) => `Start ${formulationName}`;
export const byWhen = "By when";
export const whenItGoesIn = "when it goes in";
export const whenWeEat = "when we eat";
export const goesInAt = (by: string) => (by === "goesIn" ? "Goes in at" : "We eat at");
export const beginGettingReady = "Begin getting ready";
export const goesIn = "Goes in";
export const outOfTheOven = (formulation: boolean) => (formulation ? "Out of the oven" : "Take out");
export const onTheTable = "On the table";
export const clockOf = "Clock of";
export const goOnAllTheSame = "Go on all the same because";
export const aReasonKeptWithThe = "a reason, kept with the batch";
export const oneStopWantsAReason = (openCount: number) =>
  `${openCount === 1 ? "One stop wants" : `${openCount} stops want`} a reason first.`;
export const notYet = "Not yet";
export const starting = (busy: boolean) => (busy ? "Starting…" : "Start this batch");
