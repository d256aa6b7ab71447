export const signs = {
  bird: "Juices run clear, the leg's joint loosens.",
  fish: "It flakes and is opaque to the bone.",
  tender: "A fork turns in it.",
  flesh: "It springs back under a thumb.",
  root: "A skewer slides in.",
};
export const the = (exitName: string) => `the ${exitName}`;
export const named = (part: string | undefined) => (part ? `the ${part}` : "it");
export const theThickestPart = "the thickest part";
export const probeThroughTheCrustOut = ({
  where,
  crust,
  outC,
}: {
  where: string;
  crust: boolean;
  outC: number;
}) => `Probe ${where}${crust ? ", through the crust" : ""}: out at ${outC} °C`;
export const theThermometerDecidesOutOf = (exit: string, endC: string) =>
  `The thermometer decides. Out of the heat it climbs ${exit}, to end at ${endC} °C.`;
export const officialMinimum = (dish: string, safeMinC: string) => `${dish} Official minimum ${safeMinC} °C.`;
export const outAt = "out at";
export const endsAt = "ends at";
export const notReadNobodyKnowsWhether = "Not read, nobody knows whether the middle is done.";
export const hardlyAtAll = "hardly at all";
export const upTo = (high: number) => `up to ${high} °C`;
export const about = ({ alike, high, low }: { alike: boolean; high: number; low: number }) =>
  alike ? `about ${high} °C` : `about ${low} to ${high} °C`;
export const theCrustRingsHardGolden = (dish: string) => `The crust rings hard, golden to brown. ${dish}`;
export const takeOutAt = (named: string, outC: number) => `Take ${named} out at ${outC} °C`;
export const itClimbsMoreOnThe = ({ climb, plate, time }: { climb: string; plate: string; time: string }) =>
  `It climbs ${climb} more: ${plate} on the plate.${time}`;
export const everyMinuteMoreDriesIt = "Every minute more dries it.";
export const to = (least: string, most: number) => `${least} to ${most} °C`;
export const notEnoughByTheTable = (givenMin: string) => `${givenMin}, not enough by the table`;
export const atCThePublishedTable = ({
  atC,
  askedMin,
  given,
}: {
  atC: string;
  askedMin: string;
  given: string;
}) => ` At ${atC} °C the published table asks ${askedMin}; this cook gives ${given}.`;
