export const readingIt = "Reading it …";
export const itIsInPlaceWhat = (part: undefined | string) =>
  `It is in place. What was here is kept as ${part}.`;
export const itIsInPlace = "It is in place.";
export const takesThePlaceOfThis = (fileName: string) =>
  `${fileName} takes the place of this kitchen; what is here now is kept as a snapshot.`;
export const andInAgain = "And in again";
export const aSnapshotOrArchive = "A snapshot or archive";
export const inPlaceOfThisKitchen = "In place of this kitchen?";
export const putItInPlace = "Put it in place";
export const leaveIt = "Leave it";
