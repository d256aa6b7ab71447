export const weighAPieceAndThe =
  "Weigh a piece, and the Bench works out its brine and the hours it needs; every batch you start stands here.";
export const startABatch = "Start a batch";
export const loadTheExampleKitchen = "Load the example kitchen";
