const counted = (n: number, unit: string): string[] => (n === 0 ? [] : [`${n} ${unit}${n === 1 ? "" : "s"}`]);

export const thisIs = (preparation: string) =>
  `This is ${/^[aeiou]/.test(preparation) ? "an" : "a"} ${preparation}.`;
export const turnItEveryTimesIn = (turnsCount: number, every: string) =>
  turnsCount > 1
    ? `Turn it every ${every}, ${turnsCount} times in all, and press it under again.`
    : `Turn it once, after ${every}, and press it under again.`;
export const leaveItFor = ({ stands, amount, likely }: { stands: string; amount: string; likely: string }) =>
  `Leave it ${stands}, ${amount}, for ${likely}.`;
export const theCoreShallEndAt = (toC: number) => `The core shall end at ${toC} °C.`;
export const restItForInIts = (likely: string, includes: boolean) =>
  `Rest it for ${likely}${includes ? " in its crust" : ", loosely tented"}.`;
export const inACoolBoxAt = ({ place, how, at }: { place: string; how: string; at: string }) =>
  place === "cooler"
    ? `${how} in a cool box at ${at}`
    : place === "fridge"
      ? `${how} in the fridge at ${at}`
      : `${how} on the worktop`;
export const cover = {
  open: "open",
  lid: "covered with a lid",
  foil: "under foil",
  pouch: "in a closed pouch",
  crust: "in its crust",
};
export const bakeItInTheOven = ({ ovenC, cover, likely }: { ovenC: number; cover: string; likely: string }) =>
  `Bake it in the oven at ${ovenC} °C, ${cover}, for ${likely}.`;
export const covered = (covered: boolean) => (covered ? "covered" : "uncovered");
export const spelled = (hours: number, minutes: number) =>
  [...counted(hours, "hour"), ...counted(minutes, "minute")].join(" ");
