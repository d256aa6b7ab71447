export const aSharedFormula = "A shared formula";
export const thisLinkCarriesNoFormula =
  "This link carries no formula that reads. Ask for it again, or for the file.";
export const pasteItInstead = "Paste it instead";
export const putItOnTheBench = "Put it on the Bench";
export const keepItInTheStores = "Keep it in the Stores";
export const whatItSaysNothingIs = "What it says; nothing is kept until you say so.";
