export const workingItOut = "working it out …";
