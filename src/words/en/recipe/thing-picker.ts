export const likely = "Likely";
export const leaveItOut = "leave it out";
export const or = "Or";
export const is = (lineText: string) => `“${lineText}” is`;
export const notUnderstoodChoose = "not understood: choose";
