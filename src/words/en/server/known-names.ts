export const unknownNames = "Unknown names";
export const apiV1FoodsSalts = (issues: string) =>
  `${issues}. /api/v1/foods, /salts and /ingredients list what there is.`;
export const thereIsNo = (id: string) => `there is no “${id}”`;
