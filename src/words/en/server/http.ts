export const notJson = "Not JSON";
export const sendTheBodyAsApplication = "Send the body as application/json.";
export const tooLarge = "Too large";
export const atMostPlease = (limitBytes: string) => `At most ${limitBytes}, please.`;
export const anotherSite = "Another site";
export const onlyThisKitchensOwnPages = "Only this kitchen's own pages may write here.";
