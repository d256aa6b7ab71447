import type { ReactNode } from "react";
export const preview = "Preview";
export const withThisChangeOnThe = (tableMs: ReactNode) => (
  <>With this change: on the table at {tableMs}. Nothing is changed yet.</>
);
export const planningWithThisChange = (preview: unknown) =>
  preview === "working"
    ? "Planning with this change …"
    : "The plan of this change could not be drawn. It can still be taken.";
export const takeThisChange = "Take this change";
export const back = "Back";
