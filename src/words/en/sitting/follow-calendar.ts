export const calendar = "Calendar";
export const inACalendar = "In a calendar";
export const aFileAsThePlan = "A file, as the plan is now";
export const readInAgainAfterA =
  "Read in again after a change, it moves the acts that are there and strikes out what went.";
export const anAddressToFollow = "An address to follow";
export const whoHasTheAddressReads =
  "Who has the address reads these acts and nothing else, without a passphrase. Take it back in the Stores, under Tokens.";
export const theAddress = "The address";
export const theCalendarsAddress = "The calendar’s address";
