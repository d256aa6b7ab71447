export const restingInItsCrust = (crust: boolean) =>
  crust ? "Resting in its crust" : "Resting, loosely tented";
export const juiceSettlesTheMiddleStill = "Juice settles; the middle still climbs.";
export const probeTheOutAt = (exitName: string, outC: number) => `Probe the ${exitName}: out at ${outC} °C`;
export const itComesOutByItself = (exit: string) =>
  `It comes out by itself, and climbs ${exit} while the others go on.`;
export const officialMinimum = (safeMinC: string) => `Official minimum ${safeMinC} °C.`;
export const outAt = "out at";
export const endsAt = "ends at";
export const heatTheOvenTo = (airC: string) => `Heat the oven to ${airC} °C`;
export const anOvenTakesLongerThan = "An oven takes longer than its lamp says.";
export const oven = "oven";
