"use client";

import { useState } from "react";
import { RAIL_FROM_H, RAIL_TO_H } from "@/core/formula/soak/window";
import type { Formulation } from "@/core/formulation";
import { useNow } from "@/ui/use-now";
import * as words from "@/words/bench/use-times";

const HOUR_MS = 3_600_000;
const FIVE_MINUTES_H = 1 / 12;

/** When it goes in and when it goes to the heat. */
export interface Times {
  nowMs: number;
  inAtMs: number;
  heatAtMs: number;
  /** Hours from now to the heat: what there is for any way. */
  hoursThereAre: number;
  /** Something that stands so many hours is taken: the heat stays where it is, and what stands less goes in later. */
  hold: (hours: number) => void;
  /** Whatever time was named: it goes in now again. */
  forget: () => void;
  setIn: (atMs: number) => string | null;
  setHeat: (atMs: number) => string | null;
}

const within = (hours: number) => Math.min(RAIL_TO_H, Math.max(RAIL_FROM_H, hours));

/**
 * The clock of the Bench. Unless the cook names a time for the heat, it goes in now and the heat follows from its hours;
 * once a time is named it stands, and how long it soaks decides when it goes in.
 * @param onHours told when a time that was set changes how long it soaks
 */
export function useTimes(
  { pullH }: Pick<Formulation, "pullH">,
  onHours: (hours: number) => void,
  serverNowMs: number,
): Times {
  const nowMs = useNow(serverNowMs);
  const [named, setNamed] = useState<number | null>(null);
  const heatAtMs = named ?? nowMs + pullH * HOUR_MS;
  const inAtMs = heatAtMs - pullH * HOUR_MS;
  const setHours = (hours: number) => onHours(within(hours));
  return {
    nowMs,
    inAtMs,
    heatAtMs,
    hoursThereAre: within((heatAtMs - nowMs) / HOUR_MS),
    hold: (hours) => {
      if ((heatAtMs - nowMs) / HOUR_MS - hours > FIVE_MINUTES_H) setNamed(heatAtMs);
    },
    forget: () => setNamed(null),
    setIn: (atMs) => {
      if (atMs >= heatAtMs) return words.itGoesInBeforeIt;
      if (heatAtMs - atMs > RAIL_TO_H * HOUR_MS) return words.fourDaysInItAre;
      setNamed(heatAtMs);
      setHours((heatAtMs - atMs) / HOUR_MS);
      return null;
    },
    setHeat: (atMs) => {
      const hours = (atMs - Math.max(nowMs, Math.min(inAtMs, atMs))) / HOUR_MS;
      if (atMs <= nowMs) return words.thatTimeHasPassedSay;
      if (hours > RAIL_TO_H) return words.fourDaysAreTheMost;
      setNamed(atMs);
      setHours(hours);
      return null;
    },
  };
}
