export const clash = "Clash";
export const thatHourIsPast = (tablePast: boolean) => (tablePast ? "That hour is past" : "It does not fit");
export const moreThanOneThingDoes = (hasBesides: boolean) =>
  hasBesides
    ? "More than one thing does not fit. These wishes collide, and one of them has to go:"
    : "These wishes collide. Letting go of any one of them solves it:";
export const andTheseWhichHaveNothing =
  "And these, which have nothing to do with the others: of them, too, one has to go.";
export const tooManyPossibilitiesToCheck = "Too many possibilities to check them all.";
export const smallestChangesThatMakeIt = "Smallest changes that make it fit";
