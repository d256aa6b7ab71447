import type { ReactNode } from "react";
export const bake = (baked: boolean) => (baked ? "Bake" : "Soak");
export const thisOrThat = "This or that";
export const bakeAsReckoned = "Bake as reckoned";
export const rinseOrRest = "Rinse or rest";
export const noTime = "No time";
export const takeOut = "take out";
export const anEstimateAProbeIn = "an estimate: a probe in the thickest part decides";
export const trying500Soaks = (progress: number) => `trying 500 soaks: ${progress} %`;
export const sooner = {
  salt: "Slashes, thinner pieces or a stronger brine bring it forward.",
  spreading: "Slashes, thinner pieces or a stronger brine bring it forward.",
  meeting: "Stabs closer together bring it forward.",
};
export const itDoesNotComeTo = ({ wanted, end, lacks }: { wanted: string; end: string; lacks: string }) =>
  `It does not come to ${wanted} % while it may stand, until ${end}. ${lacks}`;
export const laterThanFourDays = "later than four days";
export const betweenAnd = (early: string, which: string) => `between ${early} and ${which}`;
export const fromFrom = ({
  stateWord,
  likely,
  most,
  ended,
  end,
}: {
  stateWord: string;
  likely: string;
  most: string;
  ended: string;
  end: string;
}) => `${stateWord} from ${likely}${most}, ${ended} from ${end}.`;
export const acidIsMmDeep = (acidMm: string) => ` Acid is ${acidMm} mm deep.`;
export const oilAndSpiceStayOutside = "; oil and spice stay outside whatever the time";
export const straightIntoTheOvenThe = ({
  atOnce,
  time,
  meanFraction,
  acid,
  which,
}: {
  atOnce: boolean;
  time: string;
  meanFraction: ReactNode;
  acid: string;
  which: string;
}) => (
  <>
    {atOnce ? "Straight into the oven" : `In ${time}`}: the flesh holds {meanFraction} % salt on average,
    nearly all of it in the outer millimetres.{acid} It flavours the crust and helps it brown; it does not
    season the inside{which}. Salt at the table, or a sauce set aside, does the rest.
  </>
);
