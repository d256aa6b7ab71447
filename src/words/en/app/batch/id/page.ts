export const batch = "Batch";
