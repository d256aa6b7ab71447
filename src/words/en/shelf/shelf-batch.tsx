import type { ReactNode } from "react";
export const open = (batchName: string) => `Open ${batchName}`;
export const mean = (meanFraction: ReactNode) => <>· mean {meanFraction} %</>;
export const plannedNotInYet = "planned, not in yet";
