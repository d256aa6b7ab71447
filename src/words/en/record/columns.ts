export const preparation = "Preparation";
export const saltWanted = "Salt wanted";
export const verdict = "Verdict";
export const planned = "Planned";
export const stood = "Stood";
export const takenOut = "Taken out";
