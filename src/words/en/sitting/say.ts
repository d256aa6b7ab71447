export const takesInItsSoak = (dish: string, minMin: string) => `${dish} takes ${minMin} in its soak`;
export const soaksAtLeastAtMost = ({
  dish,
  minMin,
  maxMin,
}: {
  dish: string;
  minMin: string;
  maxMin: string;
}) => `${dish} soaks at least ${minMin}, at most ${maxMin}`;
export const isOnTheTableAt = (dish: string) => `${dish} is on the table at the hour`;
export const nobodyStirsInTheQuiet = "nobody stirs in the quiet hours";
export const nobodyIsThereInAn = "nobody is there in an absence";
export const wantsItsIceLookedAt = (dish: string) =>
  `${dish} wants its ice looked at every five hours or less`;
export const wasPutWhereItIs = (factsTitle: string) => `“${factsTitle}” was put where it is`;
export const thereIsNoOven = (capacity: number, name: string) =>
  capacity === 0 ? "there is no oven" : `the ${name} has one heat at a time and ${capacity} shelves`;
export const theFridgeHoldsLitres = (capacity: string) => `the fridge holds ${capacity} litres`;
export const thereIsOneCook = (capacity: number) =>
  capacity === 1 ? "there is one cook" : `there are ${capacity} cooks`;
export const theHobHasRings = (capacity: number) => `the hob has ${capacity} rings`;
export const thereIsNoCooler = (capacity: number) =>
  capacity === 0 ? "there is no cooler" : `there are ${capacity} coolers`;
export const thereAreTrays = (capacity: number) => `there are ${capacity} trays`;
export const thereArePailsAndDishes = (capacity: number) => `there are ${capacity} pails and dishes`;
export const more = {
  cook: "One more pair of hands",
  oven: "A second oven",
  shelf: "One more shelf in the oven",
  cooler: "One more cooler",
  ring: "One more ring",
  tray: "One more tray",
  vessel: "One more pail or dish",
};
export const tableLater = (byMin: string, tableMs: string) => `Table ${byMin} later: ${tableMs}`;
export const somebodyGetsUpInThe = "Somebody gets up in the night";
export const letMoveAgain = (taskId: string) => `Let “${taskId}” move again`;
export const contentWithTheOutsideSeasoned = ({
  dish,
  readiness,
  hours,
}: {
  dish: string;
  readiness: string;
  hours: string;
}) =>
  `${dish}: content with ${readiness === "outside" ? "the outside seasoned" : "the mean seasoned"}, ${hours}`;
export const letItsHoursStretch = (dish: string) => `${dish}: let its hours stretch`;
export const theStrongerBrine = ({
  dish,
  percent,
  hours,
}: {
  dish: string;
  percent: string;
  hours: string;
}) => `${dish}: the stronger brine, ${percent} %, ${hours}`;
export const dryBrineInsteadTheOutside = (dish: string, hours: string) =>
  `${dish}: dry brine instead, ${hours}, the outside seasoned`;
export const atCWithTheOthers = ({ dish, ovenC, byMin }: { dish: string; ovenC: number; byMin: string }) =>
  `${dish} at ${ovenC} °C with the others: ${byMin}`;
export const inAnIcedCoolerInstead = (dish: string) => `${dish} in an iced cooler instead of the fridge`;
export const onItsOwnWhenIt = (dish: string) => `${dish} on its own, when it is done; the rest at the hour`;
export const noLonger = "no longer";
export const moreMoveWithIt = (rest: number) => `${rest} more move with it`;
export const newActs = (come: number) => `${come} new`;
export const doneOrGone = (gone: number) => `${gone} done or gone`;
export const nothingElseMoves = "nothing else moves";
export const movedBy = (time: string, later: boolean) => `${time} ${later ? "later" : "earlier"}`;
