export const thisFormulaIsTooLong = "This formula is too long for a link: send its file instead.";
export const theFormulaIsInThe = "The formula is in the link itself; nothing is kept anywhere on the way.";
export const theLink = "The link";
export const copied = (copied: boolean) => (copied ? "Copied" : "Copy the link");
export const theLinkAsACode = "The link as a code";
