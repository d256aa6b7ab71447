export const calendarOf = (sitting: string) => `Calendar of ${sitting}`;
