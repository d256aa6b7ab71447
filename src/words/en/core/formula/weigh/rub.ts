export const ofItInside = (insideShare: number) => `${insideShare} % of it inside`;
export const rubOnGEveryFace = ({
  massG,
  insideShare,
  massG2,
}: {
  massG: string;
  insideShare: number;
  massG2: string;
}) => `Rub on ${massG} g, every face${insideShare > 0 ? `, ${massG2} g of it inside` : ""}`;
export const oilItFirstAThin = (surface: string) =>
  surface === "oiled"
    ? "Oil it first: a thin film holds the rub."
    : "What does not stick falls off, and its salt with it.";
export const noBareSpots = "No bare spots.";
