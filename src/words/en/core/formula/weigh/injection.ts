export const injectGBrineAStab = ({
  massG,
  spacingMm,
  foodG,
}: {
  massG: string;
  spacingMm: number;
  foodG: string;
}) => `Inject ${massG} g brine, a stab every ${spacingMm} mm, until it weighs ${foodG} g`;
export const slowlyDrawingTheNeedleBack =
  "Slowly, drawing the needle back: a pocket that bursts runs out again.";
export const noStabDryNoneLeaking = "No stab dry, none leaking; weighed once more before it stands.";
