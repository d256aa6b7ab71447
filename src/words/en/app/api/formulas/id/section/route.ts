export const whichVersion = "Which version";
export const nameAVersionVersion1 = "Name a version: ?version=1.";
