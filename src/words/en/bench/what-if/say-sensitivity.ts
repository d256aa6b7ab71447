export const input = {
  thickness: "2 mm thicker, it",
  spacing: "with stabs 15 % further apart, it",
  diffusivity: "if salt moves a fifth slower, it",
  strength: "with 5 % less salt, it",
  warmth: "1 °C warmer, it",
};
export const takesLonger = ({ input, time, hoursMore }: { input: string; time: string; hoursMore: number }) =>
  `${input} takes ${time} ${hoursMore >= 0 ? "longer" : "less"}`;
