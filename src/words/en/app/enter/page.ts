export const comeIn = "Come in";
