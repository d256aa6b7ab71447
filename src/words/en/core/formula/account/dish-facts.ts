export const heat = {
  none: "none",
  gentle: "gentle",
  mild: "mild",
  medium: "medium",
  hot: "hot",
  fierce: "fierce",
};
