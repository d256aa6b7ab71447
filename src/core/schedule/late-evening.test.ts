import { chops } from "../formula/formulation.fixture";
import { withPreparation } from "../formula/offer/offered";
import { answerSitting, type Answer } from "./answer";
import { keptPlan, plannedAnew } from "./keep-plan";
import { GIVES_WAY_MIN } from "./later-table";
import type { BatchRequest, SittingRequest } from "./request";
import { sittingOfDishes, trayOf } from "./sitting.fixture";

/* Evenings of cooks who are late at everything: the plan follows them to the table, and says how late that is. */

const MIN = 60_000;
const NOW = Date.UTC(2026, 10, 27, 9);
const TABLE = Date.UTC(2026, 10, 28, 18);

const loin = (id: string, ovenC: number, pullH: number): BatchRequest => ({
  kind: "batch",
  id,
  name: id,
  formulation: {
    ...withPreparation(chops({ pullH }), "dry"),
    pullH,
    cook: { toC: 63, minutes: 60, restMin: 10, ovenC },
  },
});
const evening = sittingOfDishes(TABLE, [
  loin("loin", 180, 20),
  loin("chops", 180, 12),
  trayOf("Carrots", 35),
]);

function planned(answer: Answer) {
  if (answer.status !== "planned") throw new Error(JSON.stringify(answer));
  return answer;
}
const withDone = (request: SittingRequest, done: Record<string, Record<string, number>>): SittingRequest => ({
  ...request,
  dishes: request.dishes.map((d) => ({ ...d, doneMs: done[d.id] ?? {} })),
});

const first = planned(answerSitting(evening, NOW));
const taskOf = (answer: Answer, id: string) => planned(answer).tasks.find((t) => t.id === id);

/** Everything before an act done at its minute, by a plan. */
function before(plan: Answer, id: string): Record<string, Record<string, number>> {
  const done: Record<string, Record<string, number>> = {};
  for (const task of planned(plan).tasks)
    if (task.handsOn && task.startMs < (taskOf(plan, id)?.startMs ?? 0))
      (done[task.dishId] ??= {})[task.stepId] = task.startMs;
  return done;
}

/** From the first that is lifted out every act done so much after its minute, one by one. */
function lived(lateMs: number) {
  const done = before(first, "chops/lift_out");
  let plan = first;
  const lates: number[] = [];
  const seen: string[] = [];
  for (;;) {
    const next = plan.tasks.find((t) => t.handsOn && done[t.dishId][t.stepId] === undefined);
    if (!next) return { lates, seen };
    const atMs = next.startMs + lateMs;
    done[next.dishId][next.stepId] = atMs;
    seen.push(next.id);
    plan = planned(keptPlan(withDone(evening, done), plan, atMs).answer);
    lates.push(plan.late?.byMin ?? 0);
    if (seen.length > 100) throw new Error("the evening never ends");
  }
}

test.each([
  [0, 0],
  [50_000, 0],
  [4 * MIN, 20],
])("%d ms late at every act, an evening still comes to the plate, at most %d min late", (lateMs, most) => {
  const { lates, seen } = lived(lateMs);
  expect(new Set(seen).size).toBe(seen.length);
  expect(seen.filter((id) => id.endsWith("/serve"))).toHaveLength(3);
  expect(Math.max(...lates)).toBeLessThanOrEqual(most);
});

/** Everything up to an act done at its minute, and the act so much later. */
function upTo(request: SittingRequest, plan: Answer, id: string, lateMin: number) {
  const task = taskOf(plan, id);
  const nowMs = (task?.startMs ?? NaN) + lateMin * MIN;
  const done = before(plan, id);
  (done[task?.dishId ?? ""] ??= {})[task?.stepId ?? ""] = nowMs;
  return { request: withDone(request, done), nowMs };
}

test("one minute late into the oven moves what follows it by a minute at most", () => {
  const { request, nowMs } = upTo(evening, first, "loin/stage_1", 1);
  const { answer } = keptPlan(request, first, nowMs);
  const moved = planned(answer).tasks.map((t) => (t.startMs - (taskOf(first, t.id)?.startMs ?? 0)) / MIN);
  expect(Math.min(...moved)).toBe(0);
  expect(Math.max(...moved)).toBe(1);
  expect(planned(answer).late).toBeUndefined();
});

test("an oven that one dish has hot is not heated again for the next, however late that is", () => {
  const { request, nowMs } = upTo(evening, first, "loin/stage_1", 0);
  const anew = planned(answerSitting(request, nowMs + MIN));
  expect(anew.tasks.some((t) => t.kind === "preheat" && t.handsOn)).toBe(false);
  // Chops that have to go in within 20 min of now still can.
  expect(taskOf(anew, "chops/stage_1")?.startMs).toBeLessThan(nowMs + 20 * MIN);
});

test("before anything is begun a clash is a clash: the table does not move by itself", () => {
  const goIn = taskOf(first, "loin/go_in")?.startMs ?? 0;
  expect(keptPlan(evening, first, goIn + 5 * 60 * MIN).answer.status).toBe("clash");
});

describe("one dish held to its hours", () => {
  const alone = sittingOfDishes(TABLE, [loin("loin", 180, 20)]);
  const plan = planned(answerSitting(alone, NOW));
  const late = (id: string, lateMin: number) => {
    const { request, nowMs } = upTo(alone, plan, id, lateMin);
    return keptPlan(request, plan, nowMs).answer;
  };
  /** How late an act may be with the table held, min. */
  const slackOf = (id: string): number => {
    let [no, yes] = [24 * 60, 0];
    while (no - yes > 1) {
      const middle = Math.floor((no + yes) / 2);
      const answer = late(id, middle);
      if (answer.status === "planned" && !answer.late) yes = middle;
      else no = middle;
    }
    return yes;
  };

  test("while the soak could still be changed the table gives way by half an hour, no more", () => {
    const slack = slackOf("loin/go_in");
    for (const by of [GIVES_WAY_MIN - 1, GIVES_WAY_MIN])
      expect(late("loin/go_in", slack + by)).toMatchObject({ status: "planned", late: { byMin: by } });
    expect(late("loin/go_in", slack + GIVES_WAY_MIN + 1).status).toBe("clash");
  });

  test("once it is in the oven there is only the hour to change: as late as it is, with what stood against it", () => {
    const slack = slackOf("loin/stage_1");
    const answer = planned(late("loin/stage_1", slack + 75));
    expect(answer.late).toMatchObject({ byMin: 75, demands: ["table:loin"] });
    expect(taskOf(answer, "loin/serve")?.endMs).toBe(TABLE + 75 * MIN);
  });

  test("planned again by the cook's hand, with and without a plan to go by: late, not lost", () => {
    const { request, nowMs } = upTo(alone, plan, "loin/stage_1", slackOf("loin/stage_1") + 7);
    expect(planned(plannedAnew(request, plan, nowMs)).late?.byMin).toBe(7);
    // Without its order it is looked for by steps.
    expect(planned(plannedAnew(request, undefined, nowMs)).late?.byMin).toBe(8);
  });
});
