export const movesWithWhatTheProbe = "moves with what the probe foretells";
export const notDone = (actTitle: string) => `Not done: ${actTitle}`;
export const earlier = (more: number, told: string) => `${more} earlier; ${told}`;
export const doneAllOfThatIs = (dishName: string) => `Done: all of ${dishName} that is not ticked off`;
export const done = "Done";
export const wasNotDoneAllOf = (dishName: string) =>
  `Was not done: all of ${dishName} that is not ticked off`;
export const wasNotDone = "Was not done";
