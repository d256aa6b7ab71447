export const batch = "Batch";
export const preparation = "Preparation";
export const saltWanted = "Salt wanted";
export const notJudged = "not judged";
export const verdict = "Verdict";
export const planned = "Planned";
export const stood = "Stood";
export const takenOut = "Taken out";
export const compare = (originalName: string) => `Compare ${originalName}`;
