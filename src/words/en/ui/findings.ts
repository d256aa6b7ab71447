export const cautions = "Cautions";
export const instead = "Instead:";
export const stop = "Stop";
export const caution = "Caution";
export const tip = "Tip";
