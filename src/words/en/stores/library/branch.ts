export const anotherWay = (name: string) => `${name}, another way`;
export const branch = "Branch";
export const aNewFormulaThatBegins = (version: number) =>
  `A new formula that begins as version ${version}; this one stays as it is.`;
export const nameOfTheBranch = "Name of the branch";
