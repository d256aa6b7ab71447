export const somethingBrokeOnThisPage = "Something broke on this page";
export const yourStoredBatchesAndFormulas =
  "Your stored batches and formulas are untouched. Try once more, or go to the Shelf.";
export const tryAgain = "Try again";
export const toTheShelf = "To the Shelf";
