export const aRehearsalAlready = "A rehearsal already";
export const thisIsARehearsalItself = "This is a rehearsal itself. Rehearse the sitting it is of.";
export const itDoesNotFit = "It does not fit";
export const aSittingThatDoesNot = "A sitting that does not fit cannot be rehearsed. Change it first.";
export const rehearsed = (name: string) => `${name}, rehearsed`;
export const reason = "Rehearsed only: nobody eats it.";
