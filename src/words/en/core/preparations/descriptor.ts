export const fromTheFace = {
  enters: "surface",
  last: "centre",
  lastIs: "in the middle",
  leanest: "middle",
};
