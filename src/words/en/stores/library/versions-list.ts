export const versions = "Versions";
export const version = (version: number) => `version ${version}`;
export const open = "Open";
export const makeItTheNewest = "Make it the newest";
export const againstTheNewest = "Against the newest";
export const shownVersionAgainst = (from: number, to: number) => `Shown: version ${from} against ${to}.`;
