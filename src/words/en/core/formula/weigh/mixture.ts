export const onTheFoodBeforeThe = "on the food, before the rest";
