export const intoTheFridgeToThaw = (low: string) => `Into the fridge to thaw, ${low} h`;
export const onATrayWrapped24 = "On a tray, wrapped: 24 h for each 4 to 5 lb.";
export const nothingHardAtTheMiddle = "Nothing hard at the middle.";
export const intoColdWaterToThaw = (minutes: number) => `Into cold water to thaw, ${minutes} min`;
export const sealedChangeTheWaterEvery = "Sealed; change the water every 30 min. 30 min a pound.";
export const goOnAtOnceThawed = "Go on at once: thawed in water it must not stand about.";
export const thingsGInAll = (linesCount: number, total: string) => `${linesCount} things, ${total} g in all`;
export const weighOut = (what: string) => `Weigh out ${what}`;
export const saltByTheScaleNot = "Salt by the scale, not by the eye: every line against its figure.";
export const setGOfItAside = (massG: string, use: string) => `Set ${massG} g of it aside for the ${use}`;
export const inItsOwnCleanBowl = "In its own clean bowl: what touches raw food is boiled or thrown away.";
export const setAside = "set aside";
export const intoTheCavity = (lines: string) => `Into the cavity: ${lines}`;
export const itScentsFromWithinLoosely = "It scents from within; loosely, so that heat gets in.";
export const saltTheFoodFirstG = (massG: string) => `Salt the food first: ${massG} g over every face`;
export const saltTravelsSpiceStaysIt =
  "Salt travels, spice stays: it goes on bare flesh, and the mixture over it.";
export const overAndUnder = (around: string) => `, ${around} over and under`;
export const packTheCrustABed = ({
  underMm,
  cover,
  scent,
}: {
  underMm: string;
  cover: string;
  scent: string;
}) => `Pack the crust: a bed of ${underMm} mm, the food, ${cover} mm over it${scent}`;
export const headAndTailStayOut = (ends: string) =>
  ends === "out" ? "Head and tail stay out: they show when it is done." : "The crust is a vessel.";
export const noCracksTheSameThickness = "No cracks; the same thickness all over.";
export const bed = "bed";
export const cover = "cover";
