export const notCsv = "Not CSV";
export const rowDoesNotReadAs = (rows: number, message: string) =>
  `Row ${rows} does not read as CSV: ${message}.`;
export const tooManyRows = "Too many rows";
export const atMostRowsPlease = (rowsMost: number) => `At most ${rowsMost} rows, please.`;
export const theHeadStandsThereTwice = (twice: string) => `The head “${twice}” stands there twice.`;
export const notThisTable = "Not this table";
export const rowItWantsTheHeads = ({
  amount,
  head,
  columns,
  heads,
}: {
  amount: number;
  head: string;
  columns: string;
  heads: string;
}) => `Row ${amount}: ${head} ${columns}. It wants the heads ${heads}.`;
export const wants = {
  text: "is missing",
  figure: "is a plain figure",
  figureOrNone: "is a plain figure, or empty",
  yesNo: "is yes or no",
  words: "is words with blanks between them",
  instant: "is a time such as 2026-11-25T18:00:00Z",
};
