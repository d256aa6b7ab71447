export const thisPartOfThePage =
  "This part of the page is not here yet: the kitchen could not be reached. Load the page again when it is.";
