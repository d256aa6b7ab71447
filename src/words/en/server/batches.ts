export const startedAlready = "Started already";
export const wasStartedAlreadyAsIt = (formulationName: string) =>
  `${formulationName} was started already, as it was before it was changed: it is on the Shelf.`;
export const takenOutBeforeItGoes = "Taken out before it goes in";
export const takeoutatmsNotBeforeStartatms = "takeOutAtMs: not before startAtMs.";
export const notBeforeStartatms = "not before startAtMs";
export const aStopIsNotAcknowledged = "A stop is not acknowledged";
export const acknowledgeWithAReasonBefore = (open: string) =>
  `Acknowledge with a reason before starting: ${open}.`;
export const theSumsDoNotWork = "The sums do not work out";
