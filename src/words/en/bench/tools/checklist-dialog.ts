export const beforeYouStart = "Before you start";
export const proposedSplit = "Proposed split";
export const breastAndLegApart = (kind: string) =>
  kind === "bird" ? "Breast and leg apart" : "Two trays, two times";
export const readyOnlyAfter4Days = "ready only after 4 days";
export const readyFrom = (readyH: string) => `ready from ${readyH}`;
export const about = ({
  lotName,
  thicknessMm,
  which,
}: {
  lotName: string;
  thicknessMm: number;
  which: string;
}) => `${lotName}: about ${thicknessMm} mm, ${which}`;
export const thawingAndWashingUsdaFsis =
  "Thawing and washing: USDA FSIS (from memory). The rest: common practice, no source. Follow your local food code.";
