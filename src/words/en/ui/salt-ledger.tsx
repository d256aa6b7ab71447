import type { ReactNode } from "react";
export const saltLedger = "Salt ledger";
export const gAPortionOfThe = (perPortionG: ReactNode, shareOfFood: ReactNode) => (
  <>
    {perPortionG} g a portion · {shareOfFood} % of the finished flesh
  </>
);
export const notEaten = "not eaten";
export const whereItsGComeFrom = (totalG: ReactNode) => <>where its {totalG} g come from</>;
export const itsOwn = ", its own";
export const swapForItsUnsaltedKind = (sourceName: string) => `swap ${sourceName} for its unsalted kind`;
export const leaveOut = (sourceName: string) => `leave out ${sourceName}`;
export const useGLessOf = (cutG: string, sourceName: string) => `use ${cutG} g less of ${sourceName}`;
export const moreSaltIsEatenThan = "More salt is eaten than you want. Any one of these brings it down:";
export const doIt = (cut: string) => `Do it: ${cut}`;
export const doItShort = "Do it";
