import { bodyShapeOf } from "../diffusion/flesh-body";
import type { Formulated } from "../formula/formulate";
import type { Cook, Formulation } from "../formula/model";
import { carryOverC } from "../heat/carry-over";
import { heatingTime } from "../heat/damp-roast";
import { cookMinutes, stagesOf } from "./cook-stages";

/** The probes there are, the first for the whole. */
export const PROBES = ["probe", "probe2", "probe3", "probe4"] as const;
export type ProbeChannel = (typeof PROBES)[number];

/** One thing with a core of its own: the whole, or a part of it that comes out by itself. */
export interface CookedPart {
  channel: ProbeChannel;
  name: string;
  /** Core when rested, °C, and when to take it out of the heat. */
  toC: number;
  pullC: number;
  thicknessMm: number;
  /** Likely minutes in the heat. */
  minutes: number;
  rise: { low: number; likely: number; high: number };
}

/**
 * The whole and its parts, each with its own target, pull and time. A part's minutes stand to the whole's as the sums
 * for their thicknesses and targets do: what the cook entered for the whole is kept.
 */
export function cookedParts(input: Formulation, sheet: Formulated, cook: Cook): CookedPart[] {
  const stages = stagesOf(input, cook);
  const crust = sheet.crust !== undefined;
  const airC = stages[0].ovenC;
  const massG = input.pieces.totalMassG / input.pieces.count;
  const rise = carryOverC(massG, stages[stages.length - 1].ovenC, crust);
  const whole = crust ? input.pullH * 60 : cookMinutes(stages);
  const shape = bodyShapeOf(sheet.food);
  const time = (thicknessMm: number, toC: number) =>
    heatingTime({ shape, thicknessMm, airC, toC, dry: crust });
  const of = (channel: ProbeChannel, name: string, toC: number, thicknessMm: number, minutes: number) => ({
    channel,
    name,
    toC,
    pullC: Math.max(0, toC - rise.low),
    thicknessMm,
    minutes,
    rise,
  });
  const { thicknessMm } = input.pieces;
  return [
    of("probe", "", cook.toC, thicknessMm, whole),
    ...(cook.parts ?? []).map((part, i) => {
      const [own, all] = [time(part.thicknessMm, part.toC), time(thicknessMm, cook.toC)];
      // Where the sums do not get there, it goes about with the square of the thickness.
      const ratio = own && all ? own / all : (part.thicknessMm / thicknessMm) ** 2;
      return of(PROBES[i + 1], part.name, part.toC, part.thicknessMm, Math.round(whole * ratio));
    }),
  ];
}

/** The least any part of it is cooked to, °C: what the official minimum is held against. */
export const coolestC = (cook: Cook): number =>
  Math.min(cook.toC, ...(cook.parts ?? []).map((part) => part.toC));
