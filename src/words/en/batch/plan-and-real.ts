export const planAndWhatWas = "Plan and what was";
export const asPlannedAndAsIt = "As planned, and as it was";
export const asPlanned = "as planned";
export const offBy = (time: string, early: boolean) => `${time} ${early ? "early" : "late"}`;
