import type { ReactNode } from "react";
export const notWithin4Days = "not within 4 days";
export const from = (readyH: string) => `from ${readyH}`;
export const thinPartMeanCentreReady = ({
  ofEach,
  amount,
  thicknessMm,
  meanFraction,
  centreFraction,
  which,
}: {
  ofEach: undefined | boolean;
  amount: number;
  thicknessMm: string;
  meanFraction: ReactNode;
  centreFraction: ReactNode;
  which: string;
}) => (
  <>
    {ofEach ? "Thin part" : `Size ${amount}`}, {thicknessMm}: mean {meanFraction} % · centre {centreFraction}{" "}
    % · ready {which}
  </>
);
export const aboveTheThickPart = "; above: the thick part";
