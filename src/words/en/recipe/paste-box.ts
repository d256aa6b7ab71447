export const isLargerThan4Mb = (fileName: string) =>
  `${fileName} is larger than 4 MB: it wants a text, a page or a formula's file.`;
export const pasteOrDropARecipe =
  "Paste or drop a recipe as it is: its words, a page, or a formula from another kitchen. Nothing is kept until you say so.";
export const of12KgDuckLegs =
  "1.2 kg duck legs\n2 tbsp salt\na good pinch of black pepper\n\nRub the legs with the salt, leave them overnight in the fridge …";
export const reading = (busy: boolean) => (busy ? "Reading …" : "Read it");
export const orFromAFile = "Or from a file";
