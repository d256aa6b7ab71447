import { z } from "zod";
import { celsiusFromFahrenheit } from "@/core/quantity/units";
import { PROBES } from "@/core/program/exits";
import { SCALED_MOST } from "@/core/program/weigh-in";
import { FAULT_NAME, type Judged } from "@/core/journal/outcome";
import type { BatchClock } from "@/core/program/batch-clock";
import { deviceAheadMs, INSTANT_LEAST_MS, INSTANT_MOST_MS, instantMs } from "./instant";
import * as words from "@/words/contracts/work";

const id = z.string().min(1).max(80);

export const actRequest = z.strictObject({
  atMs: instantMs,
  deviceAheadMs,
  /** Nobody tapped: its minutes were over and the cook had asked for that. */
  byTimer: z.boolean().optional(),
  /** It was not done, and will not be: behind all the same. */
  notDone: z.boolean().optional(),
});

export const weighRequest = z.strictObject({
  lineId: id,
  /** Net of the tare, g. */
  grams: z.number().min(0, words.aWeightIsNotNegative).max(500_000),
});

/** Every line scaled to the one that was poured over; 1 is the sheet as it stood. */
export const scaleRequest = z.strictObject({ scaledBy: z.number().min(1).max(SCALED_MOST) });

/** What each kind of instrument can read: °C, % salt, g. Past it, it is a fault or another unit. */
export const CHANNEL_RANGE = {
  probe: { min: -40, max: 300, unit: "°C" },
  fridge: { min: -40, max: 60, unit: "°C" },
  salinity: { min: 0, max: 40, unit: "%" },
  scale: { min: -1000, max: 500_000, unit: "g" },
} as const;

export const CHANNELS = [...PROBES, "fridge", "salinity", "scale"] as const;
export type Channel = (typeof CHANNELS)[number];

const sample = { channel: z.enum(CHANNELS), atMs: instantMs, value: z.number() };

const rangeOf = (channel: string) =>
  CHANNEL_RANGE[channel === "fridge" || channel === "salinity" || channel === "scale" ? channel : "probe"];

export const sampleSchema = z.strictObject(sample).superRefine(({ channel, value }, context) => {
  const { min, max, unit } = rangeOf(channel);
  if (value < min || value > max)
    context.addIssue({
      code: "custom",
      path: ["value"],
      message: words.readsBetweenAnd({ channel, min, max, unit }),
    });
});

const CHANNEL_NAMES: ReadonlySet<string> = new Set(CHANNELS);

/** The same as `sampleSchema`, said with yes or no: for very many. */
export const isReading = ({
  channel,
  atMs,
  value,
}: {
  channel: string;
  atMs: number;
  value: number;
}): boolean =>
  CHANNEL_NAMES.has(channel) &&
  Number.isInteger(atMs) &&
  atMs >= INSTANT_LEAST_MS &&
  atMs <= INSTANT_MOST_MS &&
  value >= rangeOf(channel).min &&
  value <= rangeOf(channel).max;

/** A reading typed by hand, or sent by an instrument, in its own unit; what is kept is °C, % and g. */
export const sampleRequest = z
  .strictObject({
    ...sample,
    unit: z.enum(["°C", "°F", "%", "g"]).optional().describe("left out: °C, % or g, by the channel"),
  })
  .superRefine(({ channel, unit }, context) => {
    const own = rangeOf(channel).unit;
    if (unit !== undefined && unit !== own && !(unit === "°F" && own === "°C"))
      context.addIssue({ code: "custom", path: ["unit"], message: words.readsIn(channel, own) });
  })
  .transform(({ unit, ...read }) => ({
    ...read,
    value: unit === "°F" ? celsiusFromFahrenheit(read.value) : read.value,
  }))
  .pipe(sampleSchema);

export const instrumentRequest = z.strictObject({
  channel: z.enum(CHANNELS),
  seed: z.number().int().min(1).max(1_000_000),
});

/** What stands on the simulated scale: it pours that line, as a hand would. */
export const panRequest = z.strictObject({
  lineId: id,
  targetG: z.number().min(0).max(500_000),
  tareG: z.number().min(0).max(50_000),
});
export type Pan = z.infer<typeof panRequest>;

export const rehearseRequest = z.strictObject({
  /** How many times as fast the batch's clock runs from now on; 1 is everybody's. */
  speed: z.number().min(1).max(3600),
});

const EATERS_MAX = 24;
const score = z.number().int().min(-2).max(2).optional();
const faultIds = Object.keys(FAULT_NAME) as [keyof typeof FAULT_NAME, ...(keyof typeof FAULT_NAME)[]];

export const judgedSchema = z.strictObject({
  salt: score,
  evenness: score,
  texture: score,
  juiciness: score,
  surface: score,
  timing: score,
  faults: z.array(z.enum(faultIds)).max(faultIds.length),
  words: z.string().max(2000),
  eaters: z
    .array(z.strictObject({ who: z.string().trim().min(1).max(40), salt: z.number().int().min(-2).max(2) }))
    .max(EATERS_MAX)
    .optional(),
}) satisfies z.ZodType<Judged>;

/** What a running batch is, as every device shows it. */
export interface WorkView {
  batchId: string;
  /** Act ids and when each was done, in the batch's own time. */
  done: Record<string, number>;
  /** Acts said to be not done. */
  skipped: string[];
  weights: Record<string, number>;
  /** All lines times this, since something was poured over. */
  scaledBy: number;
  readings: { channel: Channel; atMs: number; value: number }[];
  instruments: Channel[];
  clock: BatchClock;
  startedAtMs: number;
  liftedAtMs: number | null;
  judged: Judged | null;
  /** What the scale shows now, and whether it has come to rest; null without one. */
  scale: { grams: number; steady: boolean } | null;
  photos: PhotoView[];
}

export interface PhotoView {
  id: string;
  width: number;
  height: number;
  takenAtMs: number;
}
