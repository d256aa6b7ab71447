export const notJson = "Not JSON";
export const sendTheBodyAsApplication = "Send the body as application/json.";
export const tooLarge = "Too large";
export const atMostPlease = (limitBytes: string) => `At most ${limitBytes}, please.`;
export const anotherSite = "Another site";
export const onlyThisKitchensOwnPages = "Only this kitchen's own pages may write here.";
export const storedDataIsDamaged = "Stored data is damaged";
export const aStoredRecordDoesNotRead = (fault: string) =>
  `A stored record does not read (fault ${fault} in the log).`;
export const somethingBroke = "Something broke";
export const theServerHitAFault = (fault: string) =>
  `The kitchen's server hit a fault (${fault} in its log).`;
