export const ofItInside = (insideShare: number) => `${insideShare} % of it inside`;
export const rubOnGEveryFace = ({
  massG,
  insideShare,
  insideG,
}: {
  massG: string;
  insideShare: number;
  insideG: string;
}) => `Rub on ${massG} g, every face${insideShare > 0 ? `, ${insideG} g of it inside` : ""}`;
export const oilItFirstAThin = (surface: string) =>
  surface === "oiled"
    ? "Oil it first: a thin film holds the rub."
    : "What does not stick falls off, and its salt with it.";
export const noBareSpots = "No bare spots.";
