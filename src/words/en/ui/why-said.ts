export const theSameToDoAgain = "The same to do again: as it was worked out";
export const byWhatConvention = "By what convention";
export const theOtherSchool = "The other school";
export const source = "Source";
