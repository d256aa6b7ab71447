import type { ReactNode } from "react";
export const core = (exitName: string) => `Core, ${exitName}`;
export const coreOfTheWhole = (several: boolean) => (several ? "Core of the whole" : "Core");
export const itClimbs = (exit: string) => `it climbs ${exit}`;
export const outAtToEndAt = ({ outC, endC, exit }: { outC: ReactNode; endC: string; exit: string }) => (
  <>
    Out at {outC}, to end at {endC} ({exit}).
  </>
);
export const officialMinimum = (safeMinC: ReactNode) => <>Official minimum {safeMinC}.</>;
export const underTheOfficialMinimumNot =
  "Under the official minimum. Not for the young, the old, the pregnant or the ill; follow your local food code.";
export const atItsExitSince = (doneMin: string) => `At its exit since ${doneMin}`;
export const outAboutTo = ({
  doneMin,
  earlyMin,
  lateMin,
}: {
  doneMin: string;
  earlyMin: string;
  lateMin: string;
}) => `Out about ${doneMin} (${earlyMin} to ${lateMin})`;
export const theForecastBeginsWithReadings = (leastReadings: number) =>
  `The forecast begins with ${leastReadings} readings that rise.`;
export const probeReads = "Probe reads";
export const enterIt = "Enter it";
