export const lateBy = (byMin: number, tableMs: string) => `, late by ${byMin} min: ${tableMs}`;
export const weEat = (tableMs: string, byMin: undefined | string) => (
  <>
    We eat {tableMs}
    {byMin}.
  </>
);
export const actByAct = "Act by act";
export const itDoesNotFitAs =
  "It does not fit as it stands: open the sitting, and take one of the changes offered.";
