export const makeThe = (name: string, lines: string) => `Make the ${name}: ${lines}`;
export const whileItCooks = (kind: string, lines: string) => `While it cooks, ${kind}: ${lines}`;
export const withWhatLayOnThe = (hasLeftover: boolean) =>
  hasLeftover ? "With what lay on the food, boiled first." : "Its salt is in the ledger.";
export const putOn = {
  drizzle: "drizzle over it",
  salting: "salt it",
};
export const atTheTable = (amount: string) => (amount === "atTable" ? "at the table" : "over it");
export const crackRoundTheSideLift = (said: string) =>
  `Crack round the side, lift off, brush the salt away, serve${said}`;
export const steamComesOutFaceAway = "Steam comes out: face away, gloves.";
export const aCleanKnifeNoSalt = "A clean knife; no salt on the flesh.";
export const carveAndServe = (pieceG: boolean) => (pieceG ? "Carve and serve" : "Dish up and serve");
export const acrossTheGrainOnA = (pieceG: boolean) =>
  pieceG ? "Across the grain, on a clean board." : "On warm plates.";
export const carcassAndTrimmingsToThe = (massG: string) => `Carcass and trimmings to the stock: ${massG} g`;
export const theyCarrySaltGIn = (saltFraction: string, saltG: string) =>
  `They carry ${saltFraction} % salt, ${saltG} g in all: taste the stock before any more goes in.`;
export const carcassAndTrimmings = "carcass and trimmings";
export const saltInThem = "salt in them";
export const chillWhatIsLeftIn = "Chill what is left, in shallow boxes";
export const withinTwoHoursOfThe = "Within two hours of the heat; 4 °C or below.";
export const afterTwoHoursWarmIt = "After two hours warm it is thrown away.";
