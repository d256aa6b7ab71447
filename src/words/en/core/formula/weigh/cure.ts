export const buryItInGCure = (massG: string) => `Bury it in ${massG} g cure, flesh down`;
export const minutesCountSetTheClock = "Minutes count: set the clock now.";
export const allTheFleshCovered = "All the flesh covered.";
export const rinseTheCureOffUnder = (finish: string) =>
  finish === "rinse" ? "Rinse the cure off under the tap" : "Brush the cure off";
export const whatStaysOnGoesOn = "What stays on goes on salting.";
