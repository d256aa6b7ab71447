export const nestedTooDeep = "Nested too deep";
export const atMostLevelsPlease = (depthMost: number) => `At most ${depthMost} levels, please.`;
export const notJson = "Not JSON";
export const theTextDoesNotRead = "The text does not read as JSON.";
