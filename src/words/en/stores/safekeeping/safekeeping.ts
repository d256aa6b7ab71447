export const safekeeping = "Safekeeping";
export const theWholeKitchenOut = "The whole kitchen, out";
export const takeASnapshot = "Take a snapshot";
export const itsDatabaseAsItIs = "Its database as it is this moment, to be put back here.";
export const archive = "Archive";
export const aZipOfJsonCsv = "A zip of JSON, CSV and photos that other programs read too.";
export const theRecordCsv = "The record, CSV";
