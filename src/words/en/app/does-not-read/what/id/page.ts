export const doesNotRead = "Does not read";
