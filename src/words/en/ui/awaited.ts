export const thisPartOfThePage =
  "This part of the page is not here yet: the kitchen could not be reached. It comes as soon as it can be had.";
