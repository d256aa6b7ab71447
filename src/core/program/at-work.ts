import type { Exit } from "./exits";
import { coreState, type CoreState } from "./core-watch";
import type { Sample } from "./foresee";
import { isAct, type Program, type Step, type StepKind } from "./step";

/** Where a batch stands: what was done, what was said to be not done, what was read. */
export interface Progress {
  /** When the food went, or goes, in; ms. */
  startedAtMs: number;
  /** When each act was done, by id. */
  done: Readonly<Record<string, number>>;
  /** Acts somebody said were not done, and will not be. */
  skipped: readonly string[];
  samples: readonly Sample[];
  /** When each exit is foretold to be at its exit, by channel. */
  outMs: Readonly<Record<string, number>>;
  /** When a sitting's plan has each step begin, by id; left out, the program's own hours. */
  plannedMs?: Readonly<Record<string, number>> | undefined;
  /** Readings before it say nothing, by channel: the probe was set right then. */
  probeSetMs?: Readonly<Record<string, number>>;
  nowMs: number;
}

export type ActState = "done" | "notDone" | "setAside" | "open";

export interface PlacedStep extends Step {
  dueMs: number;
  doneMs: number | undefined;
  state: ActState;
  /** It moves with what the probe foretells. */
  foretold: boolean;
}

const MIN_MS = 60_000;

/** Nobody may pass these over: not the clock, and not a later tick. */
const NEVER_PASSED: readonly StepKind[] = [
  "thaw",
  "chill",
  "goIn",
  "ice",
  "takeOut",
  "finish",
  "boil",
  "temper",
  "cook",
  "probe",
  "ovenOut",
  "store",
];
/** Of no use once the food is out of its soak, or of the oven it was baked in its salt in. */
const UNTIL_OUT: readonly StepKind[] = ["goIn", "turn", "ice"];
const OUT: readonly StepKind[] = ["takeOut", "cook", "ovenOut"];
/** Begin the clock of what follows: done early or late, they take it along. */
const ANCHORS: readonly StepKind[] = ["goIn", "takeOut", "cook", "ovenOut", "temper"];
/** A thing so late is set aside, where nothing safe hangs on it; food is taken by a plan to have gone in. */
export const SET_ASIDE_AFTER_MIN = 15;
/** A batch that has just been started is still being got ready. */
const GETTING_READY_MIN = 60;

/** An exit in the heat, and what its probe says. */
export interface InHeat {
  exit: Exit;
  sinceMs: number;
  core: CoreState;
  /** The act that takes it out. */
  out: PlacedStep;
}

export interface AtWork {
  steps: PlacedStep[];
  /** The act in hand: the first that is open. */
  current: PlacedStep | undefined;
  /** Not ticked off, and nothing hangs on it: one line to say done, or was not done. */
  setAside: PlacedStep[];
  inHeat: InHeat[];
  phase: "gettingReady" | "soaking" | "outOfTheCold" | "inHeat" | "resting" | "served";
}

/** Where a batch stands now, and what is next. Pure: the clock is passed in. */
export function atWork(program: Program, exits: readonly Exit[], progress: Progress): AtWork {
  const { nowMs, done, skipped } = progress;
  const placed = timed(program, progress);
  const gone = (step: Step) => done[step.id] !== undefined || skipped.includes(step.id);
  const isOut = placed.some((s) => OUT.includes(s.kind) && s.doneMs !== undefined);
  const lastDoneMs = placed.reduce((last, s) => (s.doneMs === undefined ? last : placeMs(s)), -Infinity);
  const gettingReady =
    !placed.some((s) => s.kind === "goIn" && s.doneMs !== undefined) &&
    nowMs < progress.startedAtMs + GETTING_READY_MIN * MIN_MS;
  // What waits for an act that nobody may pass over waits with it.
  const waitsFrom = placed.findIndex(
    (s) => isAct(s) && !gone(s) && NEVER_PASSED.includes(s.kind) && !(isOut && UNTIL_OUT.includes(s.kind)),
  );
  const steps = placed.map((s, i): PlacedStep => {
    if (s.doneMs !== undefined) return { ...s, state: "done" };
    if (gone(s)) return { ...s, state: "notDone" };
    if (!isAct(s)) return s;
    const past = placeMs(s) < lastDoneMs || nowMs > s.dueMs + (s.handsMin + SET_ASIDE_AFTER_MIN) * MIN_MS;
    const over = isOut && UNTIL_OUT.includes(s.kind);
    if (over) return { ...s, state: "setAside" };
    if (NEVER_PASSED.includes(s.kind) || (gettingReady && s.atMin <= 0)) return s;
    return past && (waitsFrom === -1 || i < waitsFrom) ? { ...s, state: "setAside" } : s;
  });
  const inHeat = exits.flatMap((exit) => heatOf(exit, steps, progress));
  const open = steps.filter((s) => isAct(s) && s.state === "open");
  return {
    steps,
    current: ownAct(open, inHeat),
    setAside: steps.filter((s) => s.state === "setAside"),
    inHeat,
    phase: phaseOf(steps, inHeat),
  };
}

/** While food is in the heat, nothing that comes after it is in hand. */
function ownAct(open: readonly PlacedStep[], inHeat: readonly InHeat[]): PlacedStep | undefined {
  const [first] = open;
  if (!first || inHeat.length === 0) return first;
  const outs = inHeat.map((h) => h.out);
  const firstOut = outs.reduce((a, b) => (b.dueMs < a.dueMs ? b : a));
  return first.dueMs > firstOut.dueMs ? firstOut : first;
}

const AFTER_OVEN: readonly StepKind[] = ["ovenOut", "rest", "beside", "serve", "stock", "store"];

/** Done early it rests the longer: nobody eats before the table. */
const AT_TABLE: readonly StepKind[] = ["serve", "store"];

/** Every step on the clock: what was done early or late takes what follows along, and so does the forecast. */
function timed(program: Program, { startedAtMs, done, outMs, plannedMs: plan }: Progress): PlacedStep[] {
  const plannedMs = (step: Step) => startedAtMs + step.atMin * MIN_MS;
  const anchors = program.steps.flatMap((anchor) => {
    const doneMs = ANCHORS.includes(anchor.kind) ? done[anchor.id] : undefined;
    return doneMs === undefined ? [] : [{ ...anchor, lateMs: doneMs - plannedMs(anchor) }];
  });
  const shiftOf = (step: Step): number => {
    const before = anchors.filter(
      (a) => a.atMin <= step.atMin && a.id !== step.id && (!a.part || !step.part || a.part === step.part),
    );
    const last = before.reduce<(typeof before)[number] | undefined>(
      (l, a) => (!l || a.atMin >= l.atMin ? a : l),
      undefined,
    );
    return last?.lateMs ?? 0;
  };
  const foretold = foretoldShift(program, { done, outMs }, plannedMs);
  return program.steps
    .filter((step) => !needless(step, done, plan))
    .map((step): PlacedStep => {
      const own = foretold.get(step.part ?? "") ?? (step.part ? undefined : Math.max(...foretold.values()));
      const follows = AFTER_OVEN.includes(step.kind) && own !== undefined && Number.isFinite(own);
      return {
        ...step,
        dueMs: follows
          ? Math.max(
              Math.round(plannedMs(step) + own),
              AT_TABLE.includes(step.kind) ? (plan?.[step.id] ?? 0) : 0,
            )
          : (plan?.[step.id] ?? Math.round(plannedMs(step) + shiftOf(step))),
        doneMs: done[step.id],
        state: "open",
        foretold: follows,
      };
    })
    .sort((a, b) => placeMs(a) - placeMs(b) || a.atMin - b.atMin);
}

/** Done early, a step stands where it was done: what follows it has moved along, and is not passed over by it. */
const placeMs = ({ dueMs, doneMs = Infinity }: PlacedStep): number => Math.min(dueMs, doneMs);

/** An oven that a sitting's plan has hot already, for another dish, is not heated again. */
const needless = (step: Step, done: Progress["done"], plan: Progress["plannedMs"]): boolean =>
  step.kind === "preheat" && plan !== undefined && plan[step.id] === undefined && done[step.id] === undefined;

/** How far each exit that is in the heat is foretold to move, ms, by part. */
function foretoldShift(
  program: Program,
  { done, outMs }: Pick<Progress, "done" | "outMs">,
  plannedMs: (step: Step) => number,
): Map<string, number> {
  const shifts = new Map<string, number>();
  for (const out of program.steps) {
    if (out.kind !== "ovenOut" || out.ends.by !== "core" || done[out.id] !== undefined) continue;
    const foretold = outMs[out.ends.channel];
    if (foretold !== undefined) shifts.set(out.part ?? "", foretold - plannedMs(out));
  }
  return shifts;
}

function heatOf(exit: Exit, steps: readonly PlacedStep[], progress: Progress): InHeat[] {
  const ofExit = steps.find(
    (s) =>
      (s.kind === "cook" || s.kind === "goIn") &&
      s.ends.by === "core" &&
      s.ends.channel === exit.channel &&
      s.doneMs !== undefined,
  );
  // A part that stays on its joint goes in with the whole, and comes out by its own probe.
  const held = steps.find((s) => s.id === `part_${exit.channel}`);
  const into = held
    ? steps.find(
        (s) => (s.kind === "cook" || s.kind === "goIn") && s.ends.by === "core" && s.doneMs !== undefined,
      )
    : ofExit;
  const out =
    held ??
    steps.find((s) => s.kind === "ovenOut" && s.ends.by === "core" && s.ends.channel === exit.channel);
  if (!into?.doneMs || !out || out.state === "done" || out.state === "notDone") return [];
  const since = Math.max(into.doneMs, progress.probeSetMs?.[exit.channel] ?? 0);
  return [
    { exit, sinceMs: into.doneMs, core: coreState(exit, progress.samples, since, progress.nowMs), out },
  ];
}

function phaseOf(steps: readonly PlacedStep[], inHeat: readonly InHeat[]): AtWork["phase"] {
  const done = (kind: StepKind) => steps.some((s) => s.kind === kind && s.state === "done");
  if (inHeat.length > 0) return "inHeat";
  if (done("serve")) return "served";
  if (done("ovenOut")) return "resting";
  if (done("takeOut") || done("temper")) return "outOfTheCold";
  return done("goIn") ? "soaking" : "gettingReady";
}

/** What matters most on a page of several dishes, the lower the more. */
export type Urgency = 0 | 1 | 2 | 3 | 4 | 5;

/** How much a dish wants a hand now. */
export function urgencyOf({ inHeat, current }: AtWork, nowMs: number): Urgency {
  if (inHeat.some((h) => h.core.kind === "takeOut")) return 0;
  if (inHeat.some((h) => h.core.kind === "silent" || h.core.kind === "slipped")) return 1;
  const due = current !== undefined && current.dueMs <= nowMs;
  if (due && NEVER_PASSED.includes(current.kind)) return 2;
  if (due) return 3;
  return inHeat.length > 0 ? 4 : 5;
}

/** Acts whose minutes are over, for hands that are not free: what must be judged, measured, put in or taken out is never among them. */
const BY_TIMER: readonly StepKind[] = ["clean", "turn", "dry", "season", "preheat", "tend", "beside"];

export function overByNow({ steps }: AtWork, nowMs: number): PlacedStep[] {
  const open = steps.filter((s) => isAct(s) && s.state === "open");
  const begins = open.findIndex((s) => NEVER_PASSED.includes(s.kind));
  const begun = begins === -1 ? open : open.slice(0, begins);
  return begun.filter((s) => BY_TIMER.includes(s.kind) && nowMs >= s.dueMs + s.handsMin * MIN_MS);
}
