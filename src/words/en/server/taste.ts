export const noSuchTasting = "No such tasting";
export const thereIsNoTasting = (id: string) => `There is no tasting ${id}.`;
export const notForEveryone = "Not for everyone";
export const shouldNotTasteThis = (name: string, why: string) => `${name} should not taste this (${why}).`;
export const answeredAlready = "Answered already";
export const somethingElseIsAskedNow = "Something else is asked now: look at the page again.";
