import type { ReactNode } from "react";
export const rehearsal = "Rehearsal";
export const itIsThereNobodyEats = (sittingName: string, clock: ReactNode) => (
  <>
    {sittingName}: it is {clock} there. Nobody eats it, and nothing is learnt from it.
  </>
);
export const thisRehearsalIsOverOr = "This rehearsal is over, or was ended.";
export const howFastItGoes = "How fast it goes";
export const endTheRehearsal = "End the rehearsal";
