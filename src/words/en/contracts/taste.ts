export const sayWhoTable2 = "Say who: “table 2”.";
export const somebodyMustTaste = "Somebody must taste.";
export const atMostTwelveAtOnce = "At most twelve at once.";
export const eachEaterOnce = "Each eater once.";
export const atLeast04 = "At least 0.4 %.";
export const atMost25 = "At most 2.5 %.";
