import type { ReactNode } from "react";
export const tubLabels = "Tub labels";
export const gRaw = (foodName: string, totalMassG: string) => `${foodName}, ${totalMassG} g raw`;
export const goesIn = "In";
export const out = "Out";
export const ready = "Ready";
export const notWhileItKeeps = "not while it keeps";
export const from = (readyH: string) => `from ${readyH}`;
export const keepsUntil = "Keeps until";
export const allergensNoneInTheTable = (allergensCount: number, allergenName: string) =>
  `Allergens: ${allergensCount > 0 ? allergenName : "none in the table; read labels"}`;
export const rawKeepAt4C = "Raw: keep at 4 °C or below.";
export const madeBy = (rawKeepAt4C: ReactNode, kitchenName: string) => (
  <>
    {rawKeepAt4C} {kitchenName}. Made by: ____________
  </>
);
