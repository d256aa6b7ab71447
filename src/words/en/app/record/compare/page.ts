export const twoBatches = "Two batches";
