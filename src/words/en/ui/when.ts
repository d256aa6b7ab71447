export const now = "now";
