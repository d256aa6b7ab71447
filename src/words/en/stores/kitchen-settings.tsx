import type { ReactNode } from "react";
export const thisKitchen = "This kitchen";
export const name = "Name";
export const measures = "Measures";
export const metric = "metric";
export const usCupsFInches = "US: cups, °F, inches";
export const timeZone = "Time zone";
export const aProbeThermometer = "A probe thermometer";
export const fridgeShelfMeasured = "Fridge shelf measured";
export const shelfWide = "Shelf, wide";
export const shelfDeep = "Shelf, deep";
export const shelfFreeHeight = "Shelf, free height";
export const aPinchOfFineSalt = "A pinch of fine salt";
export const aDash = "A dash";
export const toTasteToBeginWith = "“To taste”, to begin with";
export const asTheDevice = "as the device";
export const stonewareLight = "Stoneware, light";
export const ironDark = "Iron, dark";
export const themePathMaxAgeSamesite = (next: string, part: number) =>
  `theme=${next}; path=/; max-age=${part}; samesite=lax`;
export const look = "Look";
export const saltRunsTheTable = (foodIdName: string, factor: ReactNode) => (
  <>
    {foodIdName}: salt runs {factor} × the table
  </>
);
export const forget = "Forget";
