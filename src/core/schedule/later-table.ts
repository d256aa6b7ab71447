import { answerSitting, type Answer } from "./answer";
import { asItWas, retimed, type PlannedAnswer } from "./as-it-was";
import { canBeHad } from "./earliest";
import type { Problem } from "./model";
import { pushedOn } from "./push-on";
import { MIN_MS, problemFor, sittingOf, wholeMinute } from "./read-request";
import type { SittingRequest } from "./request";

type Clashing = Extract<Answer, { status: "clash" }>;

/**
 * So late a table gives way by itself while something could still be changed to hold it, min. *Practice*: more than half an
 * hour is asked, not decided.
 */
export const GIVES_WAY_MIN = 30;
/** Once every soak is over there is nothing left to change but the hour: so late at most, min. */
const ALL_OUT_MIN = 6 * 60;
/** How late it is tried where the old order cannot be pushed on, min. */
const STEPS_MIN = [1, 2, 3, 5, 8, 12, 16, 20, 25, 30, 45, 60, 90, 120, 180, 240, 300, 360];

/**
 * A sitting under way whose table cannot be held: the table gives way by as little as it must. One of which nothing is begun
 * does not: there the clash is said, with what would clear it.
 * @param before the plan that was followed until now; its order is kept where it can be
 * @param clash what stands against the table
 */
export function laterTable(
  request: SittingRequest,
  before: PlannedAnswer | undefined,
  askedMs: number,
  clash: Clashing,
): PlannedAnswer | undefined {
  const most = givesWayMin(request, askedMs);
  if (most === 0) return undefined;
  const why = { clash: clash.clash, demands: clash.demands, unsure: clash.unsure };
  const found = (before && pushedPast(request, before, askedMs, most)) ?? anewPast(request, askedMs, most);
  return found && { ...found.answer, late: { byMin: found.byMin, ...why } };
}

interface Past {
  answer: PlannedAnswer;
  byMin: number;
}

/** In the order it was, each as late as what went before makes it. */
function pushedPast(
  request: SittingRequest,
  before: PlannedAnswer,
  askedMs: number,
  most: number,
): Past | undefined {
  const was = asItWas(request, before, askedMs);
  const pushed = was && pushedOn(letGo(was.problem), was.plan);
  if (!pushed) return undefined;
  const served = was.problem.tasks.filter(isServing).map((t) => pushed[t.id].end);
  const byMin = Math.max(...served) - was.problem.tableMin;
  // Nothing is late, or nothing is served any more: it is something else that does not fit.
  if (!(byMin > 0 && byMin <= most)) return undefined;
  // What waits for the late dish waits less when it moves with it.
  const there = asItWas(atTable(request, byMin), before, askedMs);
  const plan = there && pushedOn(there.problem, there.plan, { better: true });
  return plan && { byMin, answer: retimed(before, there, plan) };
}

function anewPast(request: SittingRequest, askedMs: number, most: number): Past | undefined {
  for (const byMin of STEPS_MIN) {
    if (byMin > most) return undefined;
    const tried = atTable(request, byMin);
    if (!canBeHad(tried, askedMs)) continue;
    const answer = answerSitting(tried, askedMs);
    if (answer.status === "planned") return { byMin, answer };
  }
  return undefined;
}

/** How late the table may be without being asked: not at all before anything is begun. */
function givesWayMin(request: SittingRequest, askedMs: number): number {
  if (!request.dishes.some((d) => Object.keys(d.doneMs ?? {}).length > 0)) return 0;
  const nowMs = wholeMinute(askedMs);
  const sitting = sittingOf(request, nowMs);
  if ("broken" in sitting) return 0;
  const { tasks } = problemFor(request, sitting, nowMs, { turned: false });
  return tasks.some((t) => t.demand?.startsWith("soak:")) ? GIVES_WAY_MIN : ALL_OUT_MIN;
}

const isServing = ({ demand }: Problem["tasks"][number]): boolean => demand?.startsWith("table:") === true;

/** The same with no hour to be on the table by. */
const letGo = (problem: Problem): Problem => ({
  ...problem,
  tasks: problem.tasks.map((t) => (isServing(t) ? { ...t, untilMin: undefined } : t)),
});

const atTable = (request: SittingRequest, byMin: number): SittingRequest => ({
  ...request,
  tableMs: request.tableMs + byMin * MIN_MS,
});
