import type { ReactNode } from "react";
export const doesNotRead = "Does not read";
export const itsIsNotWhatIt = (field: ReactNode) => <>: its {field} is not what it should be</>;
export const theStandsInThisKitchens = ({
  what,
  name,
  field,
}: {
  what: string;
  name: ReactNode;
  field: ReactNode;
}) => (
  <>
    The {what} {name} stands in this kitchen’s file, and does not read{field}. Nothing of it was changed, and
    everything else is here and works.
  </>
);
export const takeASnapshotOfThe = "Take a snapshot of the kitchen as it is, and put it aside.";
export const restoreASnapshotFromBefore = (what: string) =>
  `Restore a snapshot from before, from the list of those kept; it may have this ${what} whole.`;
export const nothingThatIsThereNow =
  "Nothing that is there now is lost by it: the kitchen is kept as a snapshot first.";
export const toSafekeeping = "To safekeeping";
export const lookAgain = "Look again";
