import type { ReactNode } from "react";
export const drawing = "drawing …";
export const beginnings = {
  as_is: "the same",
  equilibrium: "a gentle brine",
  timed: "a timed brine",
  dry: "dry salt",
  slashed: "slashed",
  unslashed: "not slashed",
  half_thick: "half as thick",
};
export const thisOrThat = "This or that";
export const workOnThat = "Work on that";
export const putThatAway = "Put that away";
export const beginThatAs = "Begin that as";
export const workingItOut = "working it out …";
export const thatCannotBeWorkedOut = (errorText: string) =>
  `That cannot be worked out: ${errorText} Work on that to mend it.`;
export const thisOne = (one: string) => `This: ${one}`;
export const that = (other: string) => `That: ${other}`;
export const inTheFlesh = "in the flesh";
export const after = ({
  fraction,
  side,
  pullH,
  sectionSideUnitsUnitsCompact,
}: {
  fraction: ReactNode;
  side: ReactNode;
  pullH: string;
  sectionSideUnitsUnitsCompact: ReactNode;
}) => (
  <>
    {fraction}
    {side} after {pullH}
    {sectionSideUnitsUnitsCompact}
  </>
);
export const whatDiffersLineByLine = "What differs, line by line";
export const saltByDepthAndBy = "Salt by depth and by the hour";
