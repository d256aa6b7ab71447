export const hoursOf = (dishName: string) => `Hours of ${dishName}`;
export const holdMy = (pullH: string) => `hold my ${pullH}`;
export const mayStretch = "may stretch";
export const atLeast = "at least";
export const hoursOfOfDishName = (dishName: string) => `, hours of ${dishName}`;
export const atMost = "at most";
