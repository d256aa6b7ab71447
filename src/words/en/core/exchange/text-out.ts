export const serves = (preparation: string, portions: number) => `${preparation}. Serves ${portions}.`;
export const weighOut = "Weigh out:";
export const method = "Method:";
export const followYourLocalFoodCode =
  "Follow your local food code. Not for nitrite curing, canning or keeping.";
