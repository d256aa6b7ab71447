"use client";

import { createContext, useContext } from "react";
import { inAmerican, fahrenheitOf, inchesOf } from "@/core/quantity/american";
import type { MeasureSystem } from "@/core/quantity/spoons";
import { unitsOf, type Units } from "./units";

const MeasuresContext = createContext<MeasureSystem>("metric");

/** The measures this kitchen reads, for everything drawn within. */
export function MeasuresProvider({
  measures,
  children,
}: {
  measures: MeasureSystem;
  children: React.ReactNode;
}) {
  return <MeasuresContext value={measures}>{children}</MeasuresContext>;
}

/** Which cups and spoons hang in this kitchen. */
export const useMeasures = (): MeasureSystem => useContext(MeasuresContext);

/** How this kitchen reads lengths, volumes, weights and the clock. */
export const useUnits = (): Units => unitsOf(useContext(MeasuresContext));

/** Tells a text of this program's own with the figures as this kitchen reads them; grams stay. */
export function useTold(): (text: string) => string {
  return useContext(MeasuresContext) === "us" ? inAmerican : asItIs;
}

const asItIs = (text: string) => text;

/** A text of this program's own, with its figures as this kitchen reads them. */
export function Told({ children }: { children: string }) {
  return useTold()(children);
}

/** A date with its hour, as this kitchen reads them. */
export function OnDate({ atMs, timeZone }: { atMs: number; timeZone: string }) {
  return useUnits().date(atMs, timeZone);
}

/** What a figure is by an American thermometer or ruler; undefined where there is nothing to add. */
export function useAmerican(value: number | undefined, unit: string): string | undefined {
  if (useContext(MeasuresContext) !== "us" || value === undefined) return undefined;
  if (unit === "°C") return `${fahrenheitOf(value)} °F`;
  return unit === "mm" && value > 0 ? inchesOf(value) : undefined;
}
