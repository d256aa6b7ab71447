import type { ReactNode } from "react";
export const theOven = "The oven";
export const nothingIsKnownYetOf =
  "Nothing is known yet of how it stands to its dial. Put a thermometer into it, or leave a probe in a roast.";
export const underItsDial = (offC: number) => (offC < 0 ? "under its dial" : "over its dial");
export const to = (low: string, high: string) => `${low} to ${high}`;
export const aRoast = "A roast";
export const minByTheSums = ({
  day,
  tookMin,
  foretoldMin,
}: {
  day: string;
  tookMin: string;
  foretoldMin: string;
}) => `${day}: ${tookMin} min, by the sums ${foretoldMin}`;
export const farFromTheOthers = "· far from the others";
export const before = "Before";
export const whatOvensAreOffBy = "what ovens are off by";
export const now = "Now";
export const betweenAndTwoTimesIn = ({
  lowC,
  highC,
  readings,
  counted,
}: {
  lowC: string;
  highC: string;
  readings: number;
  counted: number;
}) =>
  `Between ${lowC} and ${highC} two times in three, from ${readings} ${readings === 1 ? "reading" : "readings"} of a thermometer and ${counted} ${counted === 1 ? "roast" : "roasts"}.`;
export const forSetItTo = (usualC: string, usualC2: ReactNode) => (
  <>
    For {usualC} set it to {usualC2}.
  </>
);
export const theDial = "the dial";
export const overTheDial = "over the dial";
export const aThermometerInTheOven = "A thermometer in the oven";
export const halfAnHourAfterIt =
  "Half an hour after it came to its heat, in the middle, door shut. How long it takes from cold is learnt with it.";
export const theDialSays = "The dial says";
export const theThermometerReads = "The thermometer reads";
export const stoodThereAfter = "Stood there after";
export const litFromColdIWatched = "Lit from cold, I watched it";
export const keepTheReading = "Keep the reading";
export const dialRead = ({ atMs, dialC, readC }: { atMs: string; dialC: ReactNode; readC: ReactNode }) => (
  <>
    {atMs}: dial {dialC}, read {readC}
  </>
);
export const after = (afterMin: ReactNode) => <>after {afterMin}</>;
export const takeBackTheReadingOf = (readC: string, dialC: string) =>
  `Take back the reading of ${readC} at ${dialC}`;
export const theRoast = "the roast";
