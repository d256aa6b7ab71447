export const lengthOfAPiece = "Length of a piece";
export const asIsUsualForIts = (lengthMm: undefined | number, widthMm: string) => (
  <>
    {lengthMm === undefined ? "As is usual for its weight" : "As measured"}: {widthMm} wide.
  </>
);
export const takeTheUsual = "Take the usual";
