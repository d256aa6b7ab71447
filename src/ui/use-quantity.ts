"use client";

import { useState, type KeyboardEvent } from "react";
import { parseQuantity, type QuantityRule } from "@/core/quantity/parse";
import { useMeasures } from "./measures";
import { sayQuantityError } from "./say";

export interface QuantityEntry {
  /** Names it where saving has to wait for it. */
  label: string;
  /** In the unit shown. */
  value: number;
  rule: QuantityRule;
  /** Base units of the rule in one shown unit: 0.01 when the rule counts fractions and the field percent. */
  shownUnit?: number;
  /** Base units of the rule in a figure typed without a unit, where the value is not in base units. */
  bareFactor?: number;
  /** The unit of a figure typed without one, where what is shown is in another than the value: "in", "°F". */
  bareUnit?: string | undefined;
  step?: number | undefined;
  onChange: (value: number) => void;
  /** Told when the field is left. */
  onLeave?: () => void;
  /** Told when the text stops or starts to read, so that saving can wait. */
  onValidity?: (label: string, problem: string | null) => void;
}

/**
 * A figure that is typed: what reads is taken at once; what does not stays as it was typed with the reason, and the last
 * good figure stands meanwhile.
 */
export function useQuantity(entry: QuantityEntry) {
  const { value, rule, shownUnit = 1, step = 1 } = entry;
  const measures = useMeasures();
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);

  const settle = (next: string | null) => {
    setProblem(next);
    entry.onValidity?.(entry.label, next);
  };
  const take = (text: string) => {
    setTyped(text);
    const said = entry.bareUnit && BARE.test(text) ? `${text} ${entry.bareUnit}` : text;
    const read = parseQuantity(said, { measures, ...rule }, entry.bareFactor ?? shownUnit);
    settle(read.ok ? null : sayQuantityError(read.error, rule));
    if (read.ok) entry.onChange(read.value);
  };
  const nudge = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key !== "ArrowUp" && event.key !== "ArrowDown") return;
    event.preventDefault();
    const base = entry.bareFactor ?? 1;
    const by = step * (event.shiftKey ? 10 : 1) * (event.key === "ArrowUp" ? 1 : -1) * shownUnit * base;
    const next = Math.min(rule.max, Math.max(rule.min, value * base + by));
    setTyped(null);
    settle(null);
    entry.onChange(Number(next.toPrecision(12)));
  };
  const leave = () => {
    if (problem === null) setTyped(null);
    entry.onLeave?.();
  };
  return { typed, problem, take, nudge, leave };
}

/** Nothing but a figure. */
const BARE = /^[\d\s.,/⁄+\-¼½¾⅐-⅞]+$/u;

export const trimZeros = (text: string): string => (text.includes(".") ? text.replace(/\.?0+$/, "") : text);
