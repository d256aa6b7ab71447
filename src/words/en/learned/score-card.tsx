import type { ReactNode } from "react";
export const what = {
  done: "done, told half-way",
  bath: "salt in the bath",
  climb: "climb out of the heat",
};
export const whatWasForetoldAndWhat = "What was foretold, and what came";
export const nothingYetItWantsA =
  "Nothing yet: it wants a probe in the oven, or a salt meter in a bath, through to the end.";
export const ofTwoInThreeBands = ({
  allCount,
  name,
  twoInThree,
  least,
  most,
}: {
  allCount: ReactNode;
  name: string;
  twoInThree: ReactNode;
  least: number;
  most: number;
}) => (
  <>
    Of {allCount} two-in-three bands of {name} {twoInThree} held; honest bands hold {least} to {most} of so
    many.
  </>
);
export const ofAsManyNineIn = (nineInTen: ReactNode) => <>Of as many nine-in-ten bands {nineInTen} held.</>;
export const eachOfThem = "Each of them";
export const batch = "Batch";
export const whatHead = "What";
export const foretold = "Foretold";
export const came = "Came";
export const aBatch = "a batch";
export const to = (scoredLow: string, scoredHigh: string) => `${scoredLow} to ${scoredHigh}`;
export const whereOutcomesFellInTheir = "Where outcomes fell in their bands";
export const eachDotIsWhatCame =
  "Each dot is what came, on its own band: early or low at the left. Filled: two in three; outlined: nine in ten.";
export const realBatches = "real batches";
export const rehearsedOnes = "rehearsed ones";
