import { chops } from "../formula/formulation.fixture";
import { withPreparation } from "../formula/offer/offered";
import { answerSitting, type Answer } from "./answer";
import { keptPlan } from "./keep-plan";
import type { DishRequest, SittingRequest } from "./request";
import { sittingOfDishes } from "./sitting.fixture";

const MIN = 60_000;
const NOW = Date.UTC(2026, 10, 27, 9);
const TABLE = Date.UTC(2026, 10, 28, 18);

const loin: DishRequest = {
  kind: "batch",
  id: "loin",
  name: "Loin",
  formulation: {
    ...withPreparation(chops({ pullH: 20 }), "dry"),
    pullH: 20,
    cook: { toC: 63, minutes: 60, restMin: 10, ovenC: 180 },
  },
};
const request = sittingOfDishes(TABLE, [loin]);
const planned = (answer: Answer) => {
  if (answer.status !== "planned") throw new Error(JSON.stringify(answer));
  return answer;
};
const first = planned(answerSitting(request, NOW));
const at = (answer: Answer, id: string) => planned(answer).tasks.find((t) => t.id === id);
/** The sitting with acts done, at the minutes the plan had them or so much later. */
const after = (ids: string[], lateMin = 0): SittingRequest => ({
  ...request,
  dishes: [
    {
      ...loin,
      doneMs: Object.fromEntries(
        ids.map((id) => [id, (at(first, `loin/${id}`)?.startMs ?? 0) + lateMin * MIN]),
      ),
    },
  ],
});
const before = (id: string) =>
  first.tasks.flatMap((t) =>
    t.dishId === "loin" && t.handsOn && t.startMs < (at(first, `loin/${id}`)?.startMs ?? 0) ? [t.stepId] : [],
  );

test("an act done at its minute moves nothing that is still to come", () => {
  const went = before("go_in");
  const nowMs = at(first, `loin/${went.at(-1)}`)?.startMs ?? 0;
  const { answer } = keptPlan(after(went), first, nowMs + MIN);
  for (const task of planned(answer).tasks) {
    const was = at(first, task.id);
    expect([task.id, task.startMs, task.endMs]).toEqual([was?.id, was?.startMs, was?.endMs]);
  }
  expect(planned(answer).tasks.map((t) => t.stepId)).not.toContain(went.at(-1));
});

test("an oven heated before the food is lifted out passes nothing over", () => {
  const went = [...before("lift_out"), "preheat"];
  const nowMs = (at(first, "loin/preheat")?.startMs ?? 0) + MIN;
  const { answer } = keptPlan(after(went), first, nowMs);
  for (const id of ["lift_out", "dry", "stage_1", "oven_out"])
    expect([id, at(answer, `loin/${id}`)?.startMs]).toEqual([id, at(first, `loin/${id}`)?.startMs]);
});

test("what is under way goes on by itself, and wants no hands again", () => {
  const into = at(first, "loin/stage_1")?.startMs ?? 0;
  const { answer } = keptPlan(after([...before("stage_1"), "stage_1"]), first, into + 5 * MIN);
  expect(at(answer, "loin/stage_1")).toMatchObject({ startMs: into, handsOn: false });
  expect(at(answer, "loin/serve")?.startMs).toBe(at(first, "loin/serve")?.startMs);
});

test("in the oven half an hour late: the table gives way by half an hour, and says so", () => {
  const late = after(before("stage_1"));
  const nowMs = (at(first, "loin/stage_1")?.startMs ?? 0) + 30 * MIN;
  const [dish] = late.dishes;
  const doneMs = { ...dish.doneMs, stage_1: nowMs };
  const answer = planned(keptPlan({ ...late, dishes: [{ ...dish, doneMs }] }, first, nowMs).answer);
  const slackMin = (TABLE - (at(first, "loin/serve")?.endMs ?? 0)) / MIN;
  expect(answer.late?.byMin).toBe(30 - slackMin);
  expect(at(answer, "loin/serve")?.endMs).toBe(TABLE + (30 - slackMin) * MIN);
});

test("kept unless another is clearly better; what is offered is as good as it says", () => {
  const { answer, better } = keptPlan(request, first, NOW);
  expect(planned(answer).tasks).toEqual(first.tasks);
  expect(better).toBeUndefined();
  // A plan somebody made worse by hand, its pins since taken away, is held; the better one is offered.
  const pinned = planned(
    answerSitting(
      {
        ...request,
        pins: [{ taskId: "loin/weigh_out", startMs: (at(first, "loin/weigh_out")?.startMs ?? 0) - 60 * MIN }],
      },
      NOW,
    ),
  );
  const offered = keptPlan(request, pinned, NOW);
  if (offered.better) {
    expect(offered.better.answer.cost).toBeLessThan(pinned.cost);
    expect(offered.better.byPoints).toBeGreaterThanOrEqual(20);
  }
  expect(planned(offered.answer).tasks).toEqual(pinned.tasks);
});
