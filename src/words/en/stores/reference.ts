export const inOurFormulas = "In our formulas";
export const whatTheSumsStandOn = "What the sums stand on";
export const findInTheTables = "Find in the tables";
export const rowsOfAll = (rowsCount: number, all: number) => `${rowsCount} of ${all}`;
export const tableOf = (title: string) => `Table of ${title}`;
