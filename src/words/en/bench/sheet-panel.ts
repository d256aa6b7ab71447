export const weighOut = "Weigh out";
export const gramsSpoonsHowItScales = "grams · spoons · how it scales";
