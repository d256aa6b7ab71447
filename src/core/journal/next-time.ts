import { scaledSalt } from "../formula/change/scale";
import { RANGES } from "../quantity/ranges";
import type { Formulation } from "../formulation";
import { isBaked } from "../preparations";
import { solveThird } from "../ways/third";
import { judgedSalt, type Judged } from "./outcome";
import * as words from "@/words/core/journal/next-time";

/** What one judged batch of a food and preparation said. */
export interface Experience {
  /** Salt it went to the heat with, share of finished flesh. */
  heldFraction: number;
  hours: number;
  judged: Judged;
}

/** A change for the next attempt, with why. */
export interface Proposal {
  field: "target" | "hours";
  /** What the formula brings to the heat as it stands, and what is proposed: mass fraction; or hours. */
  from: number;
  to: number;
  /** What the judged batches had, on average, in the same unit. */
  judged: number;
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
 * bland, hours moved against what was found uneven. Nothing while the eaters are content. Judged is what a batch held, not what
 * was asked of it: a short soak never reached that.
 * @param bringsFraction salt the formula brings to the heat as it stands, share of finished flesh
 * @param record judged batches of this food and preparation, newest first; the last five count
 */
export function proposalsFor(
  f: Formulation,
  record: readonly Experience[],
  bringsFraction: number,
): Proposal[] {
  const recent = record.slice(0, 5);
  return [saltProposed(f, recent, bringsFraction), hoursProposed(f, recent)].filter((p) => p !== undefined);
}

function saltProposed(f: Formulation, recent: readonly Experience[], from: number): Proposal | undefined {
  const salted = recent.flatMap(({ heldFraction, judged }) => {
    const score = judgedSalt(judged);
    return score === undefined ? [] : [{ heldFraction, score }];
  });
  // A crust salts by its bake alone: no figure is asked of it.
  if (salted.length === 0 || isBaked(f)) return undefined;
  const scores = salted.map((r) => r.score);
  const meanScore = mean(scores);
  // Each batch is moved to where its own eaters would have had it; the mean of those is the next.
  const wanted = mean(salted.map((r) => r.heldFraction - SALT_STEP * CAREFUL * r.score));
  const to = clampTarget(Number(wanted.toFixed(4)));
  // A formula that was changed since may ask for less already: "too salty" never ends in more.
  const answers = meanScore > 0 ? from - to : to - from;
  if (Math.abs(meanScore) <= CONTENT || answers <= 1e-4) return undefined;
  return {
    field: "target",
    from,
    to,
    judged: mean(salted.map((r) => r.heldFraction)),
    batches: salted.length,
    meanScore,
    confidence: sureness(scores),
  };
}

function hoursProposed(f: Formulation, recent: readonly Experience[]): Proposal | undefined {
  const evened = recent.flatMap(({ hours, judged: { evenness } }) =>
    evenness === undefined ? [] : [{ hours, evenness }],
  );
  if (evened.length === 0 || isBaked(f)) return undefined;
  const scores = evened.map((r) => r.evenness);
  const meanScore = mean(scores);
  const judged = mean(evened.map((r) => r.hours));
  const to = Math.min(RANGES.pullH.max, Number((judged * (1 - HOURS_STEP * meanScore)).toFixed(1)));
  if (meanScore >= -CONTENT || to <= f.pullH) return undefined;
  return {
    field: "hours",
    from: f.pullH,
    to,
    judged,
    batches: evened.length,
    meanScore,
    confidence: sureness(scores),
  };
}

const clampTarget = (fraction: number) =>
  Math.min(RANGES.targetPercent.max / 100, Math.max(RANGES.targetPercent.min / 100, fraction));

/** The formulation with a proposal taken, and the words that go with its new version. */
export function accepted(f: Formulation, p: Proposal): { formulation: Formulation; note: string } {
  const said = words.oneBatchMean({
    batches: p.batches,
    score: p.meanScore,
    mean: p.meanScore.toFixed(1),
  });
  return p.field === "hours"
    ? {
        formulation: { ...f, pullH: p.to },
        note: words.longerForEvennessAt(said, p.judged.toFixed(1)),
      }
    : {
        formulation: askedFor(f, p),
        note: words.saltAt({ to: (p.to * 100).toFixed(2), said, judged: (p.judged * 100).toFixed(2) }),
      };
}

/** The formula that brings what is proposed: its weigh-out changes, not only the figure it is judged by. */
function askedFor(f: Formulation, { from, to }: Proposal): Formulation {
  const p = f.preparation;
  const given = f.salt && f.salt.mode !== "wanted";
  const dosed = p.kind === "cure" || (p.kind === "wetBrine" && p.school === "timed");
  if (given || !dosed) {
    // What goes in by the same hours is in proportion to what is weighed.
    const targetFraction = clampTarget(Number((p.targetFraction * (to / from)).toFixed(4)));
    return {
      ...f,
      ...(given && { salt: scaledSalt(f.salt, to / from, true) }),
      preparation: { ...p, targetFraction },
    };
  }
  // Stronger or weaker for the same hours; where no strength brings it, other hours.
  const asked: Formulation = { ...f, preparation: { ...p, targetFraction: to } };
  const strength = solveThird(asked, "strength");
  if (strength.ok) return strength.input;
  const hours = solveThird(asked, "hours");
  return hours.ok ? hours.input : asked;
}
