export const doesNotFit = "· does not fit";
export const letItMoveAgain = (taskTitle: string) => `Let it move again: ${taskTitle}`;
