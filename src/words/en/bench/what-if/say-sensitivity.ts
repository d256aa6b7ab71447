export const input = {
  thickness: "2 mm thicker, it",
  spacing: "with stabs 15 % further apart, it",
  diffusivity: "if salt moves a fifth slower, it",
  strength: "with 5 % less salt, it",
  warmth: "1 °C warmer, it",
};
export const takesLonger = ({
  input,
  hoursMore,
  hoursMore2,
}: {
  input: string;
  hoursMore: string;
  hoursMore2: number;
}) => `${input} takes ${hoursMore} ${hoursMore2 >= 0 ? "longer" : "less"}`;
