export const tooManyTokens = "Too many tokens";
export const atMostTakeOneBack = (tokensMost: number) => `At most ${tokensMost}: take one back first.`;
export const notAToken = "Not a token";
export const thisKitchenHasNoSuch =
  "This kitchen has no such token, or has taken it back. Make one in its Stores.";
