export const why = (fault: string) => `Why ${fault}?`;
export const nextTime = "Next time:";
