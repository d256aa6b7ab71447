export const why = (title: string) => `Why? ${title}`;
export const theSumIsNotHere =
  "The sum is not here yet: the kitchen could not be reached. Open it again when it is.";
