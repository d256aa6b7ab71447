export const overAFlameTurning = (minutes: string) => `Over a flame, ${minutes}, turning`;
export const charNowAtTheOutside = "Char now, at the outside only.";
export const blisteredAllRound = "Blistered all round.";
export const skinDownFirst = "skin down first, ";
export const panfulsOf = (pans: number, perPan: number) => `${pans} panfuls of ${perPan}, `;
export const searInAHotPan = ({
  skin,
  some,
  minutes,
  pans,
}: {
  skin: string;
  some: string;
  minutes: string;
  pans: number;
}) => `Sear in a hot pan: ${skin}${some}${minutes} ${pans > 1 ? "each" : "in all"}`;
export const aCrowdedPanSteamsColour =
  "A crowded pan steams. Colour now; it will not come later under cover.";
export const brownAndItLetsGo = "Brown, and it lets go of the pan by itself.";
export const panfuls = "panfuls";
export const each = "each";
