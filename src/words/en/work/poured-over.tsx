import type { ReactNode } from "react";
export const notScaledUpAllOf =
  "Not scaled up: all of it goes on this food, and more of everything is more salt in it.";
export const notScaledUpTheVessel = "Not scaled up: the vessel does not hold so much.";
export const notScaledUpThatIs = (scaledMost: number) =>
  `Not scaled up: that is more than ${scaledMost} times the sheet, or than one batch weighs.`;
export const ranOverEither = (over: string) => `${over} ran over. Either:`;
export const takeOutAgain = "Take out again";
export const whereItCanBe = (takeOutAgain: ReactNode, over: string) => (
  <>
    {takeOutAgain} {over}, where it can be.
  </>
);
export const scaleItAllUp = "Scale it all up";
export const by = ({
  scaleItAllUp,
  factor,
  lines,
}: {
  scaleItAllUp: ReactNode;
  factor: string;
  lines: string;
}) => (
  <>
    {scaleItAllUp} by {factor}: {lines}
  </>
);
export const orLeaveIt = "Or leave it";
export const readyOnlyAfter4Days = "ready only after 4 days";
export const readyFrom = (likely: string) => `ready from ${likely}`;
export const saltWhenItIsTaken = ({
  meanFraction,
  endFraction,
  which,
}: {
  meanFraction: ReactNode;
  endFraction: ReactNode;
  which: string;
}) => (
  <>
    {meanFraction} % salt when it is taken out, {endFraction} % in the end; {which}.
  </>
);
