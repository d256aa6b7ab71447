export const at = (marks: string) => `${marks} at`;
export const atOfMarks = ({ marks, hours, state }: { marks: string; hours: string; state: string }) =>
  `${marks} at ${hours} · ${state}`;
export const night = "night";
export const keepsUntil = "keeps until";
