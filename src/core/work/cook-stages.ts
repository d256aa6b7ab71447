import type { Cook, CookStage, Formulation } from "../formula/model";
import { CRUST_OVEN_C } from "../formula/prepare/salt-crust";

/** Oven air where none was named, °C. *Practice*. */
const USUAL_OVEN_C = 180;

/** A cook as its stages: those written down, or the one that its figures say. */
export function stagesOf(input: Formulation, cook: Cook): CookStage[] {
  if (cook.stages && cook.stages.length > 0) return cook.stages;
  const crust = input.preparation.kind === "saltCrust";
  return [
    {
      ovenC: cook.ovenC ?? (crust ? CRUST_OVEN_C : USUAL_OVEN_C),
      minutes: crust ? Math.max(1, Math.round(input.pullH * 60)) : cook.minutes,
      cover: crust ? "crust" : "open",
    },
  ];
}

export const cookMinutes = (stages: readonly CookStage[]): number =>
  stages.reduce((sum, s) => sum + s.minutes, 0);

export type StagePreset = "one" | "hotThenLow" | "lowThenHot" | "searFirst" | "pouch";

/**
 * Usual ways to divide a cook, *practice*: hot first then tented, covered low then open and hot, seared first, in a
 * pouch. The time in all stays.
 */
export function presetStages(preset: StagePreset, ovenC: number, minutes: number): CookStage[] | undefined {
  const part = (share: number) => Math.max(1, Math.round(minutes * share));
  const rest = (share: number) => Math.max(1, minutes - part(share));
  switch (preset) {
    case "one":
      return undefined;
    case "hotThenLow":
      return [
        { ovenC: ovenC + 40, minutes: part(0.25), cover: "open" },
        { ovenC: ovenC - 20, minutes: rest(0.25), cover: "foil", action: "tent" },
      ];
    case "lowThenHot":
      return [
        { ovenC: ovenC - 20, minutes: part(0.75), cover: "lid" },
        { ovenC: ovenC + 40, minutes: rest(0.75), cover: "open", action: "baste", everyMin: 15 },
      ];
    case "searFirst":
      return [
        { ovenC: 240, minutes: part(0.12), cover: "open", action: "sear" },
        { ovenC, minutes: rest(0.12), cover: "open" },
      ];
    case "pouch":
      return [{ ovenC, minutes, cover: "pouch" }];
  }
}
