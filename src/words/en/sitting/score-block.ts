export const putHere = ", put here";
export const doesNotFit = ", does not fit";
export const misfit = "does not fit";
export const to = (overMs: string) => `to ${overMs}`;
export const until = (until: string) => `until ${until}`;
export const untilOfTakes = (takes: string, until: string) => `${takes}, until ${until}`;
