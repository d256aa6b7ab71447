export const record = "Record";
