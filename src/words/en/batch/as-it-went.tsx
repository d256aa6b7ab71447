import type { ReactNode } from "react";
export const reallyWeighed = "Really weighed";
export const gOf = (weights: ReactNode, massG: ReactNode) => (
  <>
    {weights} g of {massG}
  </>
);
export const coreReadings = "Core readings";
export const coreAsRead = "Core, as read";
export const judged = "Judged";
export const howItWas = "How it was";
export const notScored = "not scored";
export const saltEaterByEater = (eaters: string) => `Salt, eater by eater: ${eaters}`;
export const photos = "Photos";
export const weighedOfWanted = ({
  batchName,
  amount,
  photosCount,
}: {
  batchName: string;
  amount: number;
  photosCount: number;
}) => `${batchName}, ${amount} of ${photosCount}`;
