export const onTime = "On time.";
export const whatComesAfterItHas = " What comes after it has moved along.";
export const early20CLessOr = (by: string, moved: string) =>
  `${by} early: 20 °C less, or a longer rest; a tented roast forgives half an hour.${moved}`;
export const of20CMoreShortensThe = "20 °C more shortens the rest of it by about a seventh";
export const setTheTableBack = (by: string) => `set the table back ${by}`;
export const or = ", or ";
export const late = ({ waysCount, by, ways }: { waysCount: number; by: string; ways: string }) =>
  waysCount > 0 ? `${by} late: ${ways}.` : `${by} late.`;
export const theTableIsAt = (table: string) => ` The table is at ${table}.`;
