import { RANGES } from "../formula/ranges";
import { scaledSalt } from "../formula/scale";
import type { Formulation } from "../formula/model";
import { judgedSalt, type Judged } from "./outcome";

/** What one judged batch of a food and preparation said. */
export interface Experience {
  targetFraction: number;
  hours: number;
  judged: Judged;
}

/** A change for the next attempt, with why. */
export interface Proposal {
  field: "target" | "hours";
  from: number;
  to: number;
  /** How many batches speak, and what they said on average. */
  batches: number;
  meanScore: number;
  /** 0 to 1: more batches that agree are surer. */
  confidence: number;
}

/** Salt judged one step off asks for so much, mass fraction. *Practice*: bands are about 0.4 % wide. */
const SALT_STEP = 0.0018;
/** How much of it a first attempt is trusted with. */
const CAREFUL = 0.7;
/** Within this the eaters are content. */
const CONTENT = 0.25;
const HOURS_STEP = 0.2;

const mean = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / values.length;

function spread(values: readonly number[]): number {
  if (values.length < 2) return 1;
  const m = mean(values);
  return Math.sqrt(values.reduce((sum, v) => sum + (v - m) ** 2, 0) / (values.length - 1));
}

function sureness(values: readonly number[]): number {
  return Math.min(1, values.length / (values.length + 2 * spread(values)));
}

/**
 * What the kitchen's own record proposes for the next batch: a target moved against what was found too salty or too
 * bland, hours moved against what was found uneven. Nothing while the eaters are content.
 * @param record judged batches of this food and preparation, newest first; the last five count
 */
export function proposalsFor(f: Formulation, record: readonly Experience[]): Proposal[] {
  const recent = record.slice(0, 5);
  const proposals: Proposal[] = [];
  const salted = recent.filter((r) => judgedSalt(r.judged) !== undefined);
  if (salted.length > 0 && f.preparation.targetFraction > 0) {
    // Each batch is moved to where its own eaters would have had it; the mean of those is the next target.
    const wanted = mean(
      salted.map((r) => r.targetFraction - SALT_STEP * CAREFUL * (judgedSalt(r.judged) ?? 0)),
    );
    const scores = salted.map((r) => judgedSalt(r.judged) ?? 0);
    const to = clampTarget(Number(wanted.toFixed(4)));
    if (Math.abs(mean(scores)) > CONTENT && Math.abs(to - f.preparation.targetFraction) > 1e-4)
      proposals.push({
        field: "target",
        from: f.preparation.targetFraction,
        to,
        batches: salted.length,
        meanScore: mean(scores),
        confidence: sureness(scores),
      });
  }
  const evened = recent.filter((r) => r.judged.evenness !== undefined);
  const scores = evened.map((r) => r.judged.evenness ?? 0);
  if (evened.length > 0 && mean(scores) < -CONTENT && f.preparation.kind !== "saltCrust") {
    const hours = mean(evened.map((r) => r.hours)) * (1 - HOURS_STEP * mean(scores));
    proposals.push({
      field: "hours",
      from: f.pullH,
      to: Math.min(RANGES.pullH.max, Number(hours.toFixed(1))),
      batches: evened.length,
      meanScore: mean(scores),
      confidence: sureness(scores),
    });
  }
  return proposals;
}

const clampTarget = (fraction: number) =>
  Math.min(RANGES.targetPercent.max / 100, Math.max(RANGES.targetPercent.min / 100, fraction));

/** The formulation with a proposal taken, and the words that go with its new version. */
export function accepted(f: Formulation, p: Proposal): { formulation: Formulation; note: string } {
  const said = `${p.batches === 1 ? "one batch" : `${p.batches} batches`}, mean ${p.meanScore > 0 ? "+" : ""}${p.meanScore.toFixed(1)}`;
  if (p.field === "hours")
    return {
      formulation: { ...f, pullH: p.to },
      note: `Longer: ${said} for evenness`,
    };
  return {
    // Salt given outright moves with what is wanted: the weigh-out changes, not only the judgement.
    formulation: {
      ...f,
      ...(f.salt && { salt: scaledSalt(f.salt, p.to / p.from, true) }),
      preparation: { ...f.preparation, targetFraction: p.to },
    },
    note: `${(p.to * 100).toFixed(2)} % salt: ${said} at ${(p.from * 100).toFixed(2)} %`,
  };
}
