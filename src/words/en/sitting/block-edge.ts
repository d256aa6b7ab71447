export const edge = { from: "from", till: "till" };
