export const unknownFood = "Unknown food";
export const foodThereIsNoIn = (food: string) =>
  `food: there is no “${food}” in the table; the Stores list them.`;
export const noSuchPiece = "No such piece";
export const countOfGInAll = ({
  count,
  massG,
  thicknessMm,
}: {
  count: number;
  massG: number;
  thicknessMm: number;
}) =>
  `count: ${count} of ${massG} g in all would be ${thicknessMm} mm thick. Say how many pieces there are, or their thicknessMm.`;
export const howManyPiecesOrTheir = "how many pieces, or their thicknessMm";
