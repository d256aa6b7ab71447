export const notFound = "Not found";
export const thereIsNoSuchPath = "There is no such path; /api/v1/openapi.json lists them all.";
export const notThatWay = "Not that way";
export const thisPathTakes = (allowed: string) => `This path takes ${allowed}.`;
export const notWithThisToken = "Not with this token";
export const mayOnlyLookThisWants = ({
  tokenName,
  scope,
  wanted,
}: {
  tokenName: string;
  scope: string;
  wanted: string;
}) =>
  `“${tokenName}” may ${scope === "read" ? "only look" : "look and send readings"}; this wants a token for ${wanted}.`;
export const anotherKindOfBody = "Another kind of body";
export const sendTheBodyAs = (media: string) => `Send the body as ${media}.`;
export const notUnderstood = "Not understood";
export const idempotencyKeyBetween1And = (keyMost: number) =>
  `Idempotency-Key: between 1 and ${keyMost} letters.`;
