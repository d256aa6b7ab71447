export const serves = (preparation: string, portions: number) => `${preparation}. Serves ${portions}.`;
export const followYourLocalFoodCode =
  "Follow your local food code. Not for nitrite curing, canning or keeping.";
