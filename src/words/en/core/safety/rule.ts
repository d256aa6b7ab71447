export const followYourLocalFoodCode = "Follow your local food code where it differs.";
