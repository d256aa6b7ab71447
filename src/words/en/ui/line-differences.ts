export const nothingDiffersBetweenTheTwo = "Nothing differs between the two.";
export const oneLineTheSame = (partValueCount: number) =>
  `${partValueCount === 1 ? "one line" : `${partValueCount} lines`} the same`;
