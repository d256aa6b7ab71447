import type { ReactNode } from "react";
export const formulaVersion = (batch: string, version: number) => `${batch} · formula version ${version}`;
export const atWork = "At work";
export const printSheetAndLabel = "Print sheet and label";
export const onTheBenchAgain = "On the Bench again";
export const goesIn = (startedAtMs: string) => `Goes in ${startedAtMs}.`;
export const whenItCameOutAt = ({
  lifted,
  hours,
  state,
}: {
  lifted: boolean;
  hours: string;
  state: string;
}) => `${lifted ? "When it came out" : "Now"}, at ${hours}: ${state}`;
export const surfaceMeanCentre = ({
  surfaceFraction,
  meanFraction,
  centreFraction,
}: {
  surfaceFraction: ReactNode;
  meanFraction: ReactNode;
  centreFraction: ReactNode;
}) => (
  <>
    surface {surfaceFraction} % · mean {meanFraction} % · centre {centreFraction} %
  </>
);
export const mark = (lifted: boolean) => (lifted ? "taken out" : "now");
export const weighedOut = "Weighed out";
export const flesh = "Flesh";
export const brineStrength = "Brine strength";
export const sodiumAPortionAsPlanned = "Sodium a portion, as planned";
export const eventWords = {
  started: "Went in",
  lifted: "Taken out",
  lift_undone: "Put back: taking it out was a slip",
  act_done: "Done",
  act_timed: "Passed by the timer",
  act_not_done: "Not done",
  act_undone: "Taken back",
  judged: "Judged",
};
export const tappedOnADeviceWhose = (apart: string, aheadMs: number) =>
  `Tapped on a device whose clock was ${apart} ${aheadMs > 0 ? "ahead" : "behind"}; the hour is the kitchen’s.`;
export const toGoIn = "To go in";
export const wasToGoIn = "Was to go in";
export const toBeTakenOut = "To be taken out";
export const whatHappened = "What happened";
export const acknowledgedAtTheStart = "Acknowledged at the start";
