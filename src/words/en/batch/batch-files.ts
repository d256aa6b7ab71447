export const readingsAreHereNow = (kept: number) => `${kept} readings are here now.`;
export const files = "Files";
export const readingsAsAFile = "Readings as a file";
export const allReadingsCsv = "All readings, CSV";
export const readSomeIn = "Read some in";
