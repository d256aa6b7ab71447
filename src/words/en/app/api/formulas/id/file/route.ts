export const noSuchFile = "No such file";
export const aFormulaGoesOutAs = (kindsOfFile: string) => `A formula goes out as ${kindsOfFile}.`;
