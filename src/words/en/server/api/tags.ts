export const changedMeanwhile = "Changed meanwhile";
export const ifMatchItIsNot =
  "If-Match: it is not what it was when you read it. Read it again, and change that.";
