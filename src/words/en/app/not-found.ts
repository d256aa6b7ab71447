export const notHere = "Not here";
export const thereIsNoSuchBatch = "There is no such batch, formula or page in this kitchen.";
export const toTheShelf = "To the Shelf";
