import { eq } from "drizzle-orm";
import { planFollowed } from "@/contracts/plan-followed";
import { calendarSchema, type StoredPlan } from "@/contracts/plan";
import { requestOf } from "@/contracts/sitting-request";
import type { SittingView } from "@/contracts/sitting";
import type { Answer } from "@/core/schedule/answer";
import type { PlannedAnswer } from "@/core/schedule/as-it-was";
import { calendarAfter, type Calendar } from "@/core/schedule/calendar";
import { keptPlan, plannedAnew } from "@/core/schedule/keep-plan";
import type { SittingRequest } from "@/core/schedule/request";
import type { Db } from "./database";
import { storageProblem } from "./problem";
import { sittings } from "./schema";

/** A forecast that moved by less changes no plan: a probe jitters. */
export const FORECAST_MOVED_MS = 3 * 60_000;

type Planless = Omit<SittingView, "plan">;

/**
 * The sitting's plan: the one that was decided, unless the cook changed the sitting, or work has moved on. Decided once,
 * kept, and read by every screen, paper, calendar and file.
 */
export function planOf(db: Db, sitting: Planless, stored: StoredPlan | null, nowMs: number): StoredPlan {
  const request = steadied(requestOf(sitting), stored);
  const madeFrom = keyOf(request);
  if (stored?.madeFrom === madeFrom) return stored;
  const plan = decided(request, stored, madeFrom, nowMs);
  keep(db, sitting.id, plan);
  return plan;
}

/** What the plan there would be now is made from: the same as of a stored one, and that is it. */
export const planKeyOf = (sitting: Planless, stored: StoredPlan | null): string =>
  keyOf(steadied(requestOf(sitting), stored));

/** Decided anew from now, by the cook's own hand. */
export function planAnew(db: Db, sitting: Planless, stored: StoredPlan | null, nowMs: number): StoredPlan {
  const request = requestOf(sitting);
  const before = stored ? planFollowed(stored) : undefined;
  const answer = plannedAnew(request, before, nowMs);
  const plan = planned(request, keyOf(request), nowMs, { answer, ...followedOn(answer, before) });
  keep(db, sitting.id, plan);
  return plan;
}

function decided(
  request: SittingRequest,
  stored: StoredPlan | null,
  madeFrom: string,
  nowMs: number,
): StoredPlan {
  const before = stored ? planFollowed(stored) : undefined;
  const byHand = !stored || settingsOf(stored.madeFrom) !== settingsOf(madeFrom);
  // Changed by hand: decided anew. Moved on at work: what still holds stays.
  const found =
    !byHand && before ? keptPlan(request, before, nowMs) : { answer: plannedAnew(request, before, nowMs) };
  return planned(request, madeFrom, nowMs, { ...found, ...followedOn(found.answer, before) });
}

/** A kitchen in the middle of its evening does not lose what it goes by because the table cannot be held. */
const followedOn = (answer: Answer, before: PlannedAnswer | undefined): Pick<StoredPlan, "followed"> =>
  answer.status !== "planned" && before ? { followed: before } : {};

const planned = (
  request: SittingRequest,
  madeFrom: string,
  nowMs: number,
  found: Pick<StoredPlan, "answer" | "better" | "followed">,
): StoredPlan => ({
  version: 1,
  madeFrom,
  plannedAtMs: nowMs,
  outMs: Object.fromEntries(
    request.dishes.flatMap((d) => (d.kind === "batch" && d.outMs ? [[d.id, { ...d.outMs }]] : [])),
  ),
  ...found,
});

/** Forecasts that hardly moved are taken as they were when the plan was made. */
function steadied(request: SittingRequest, stored: StoredPlan | null): SittingRequest {
  if (!stored) return request;
  return {
    ...request,
    dishes: request.dishes.map((dish) => {
      if (dish.kind !== "batch" || !dish.outMs) return dish;
      const was = stored.outMs[dish.id] ?? {};
      const outMs = Object.fromEntries(
        Object.entries(dish.outMs).map(([channel, ms]) => [
          channel,
          was[channel] !== undefined && Math.abs(ms - was[channel]) < FORECAST_MOVED_MS ? was[channel] : ms,
        ]),
      );
      return { ...dish, outMs };
    }),
  };
}

/** What a plan is made from: what the cook set, and what was done and foretold. */
const keyOf = (request: SittingRequest): string =>
  JSON.stringify({
    set: { ...request, dishes: request.dishes.map((d) => ({ ...d, doneMs: undefined, outMs: undefined })) },
    went: request.dishes.map((d) => [d.id, d.doneMs ?? {}, d.kind === "batch" ? (d.outMs ?? {}) : {}]),
  });

function settingsOf(madeFrom: string): string {
  try {
    return JSON.stringify((JSON.parse(madeFrom) as { set: unknown }).set);
  } catch {
    return "";
  }
}

/** Its acts as calendars were told of them; undefined where none was yet. */
function calendarTold(db: Db, id: string): Calendar | undefined {
  const row = db.select({ calendar: sittings.calendar }).from(sittings).where(eq(sittings.id, id)).get();
  return calendarSchema.safeParse(row?.calendar).data;
}

/** A sitting's acts for a calendar: kept with each plan, so that what moved or went can be said. */
export function calendarOfPlan(
  db: Db,
  { id, plan }: Pick<SittingView, "id" | "plan">,
  nowMs: number,
): Calendar {
  // Planned before calendars were kept: told for the first time.
  return calendarTold(db, id) ?? calendarAfter({}, planFollowed(plan)?.tasks ?? [], nowMs);
}

function keep(db: Db, id: string, plan: StoredPlan): void {
  const followed = planFollowed(plan);
  const calendar = followed && calendarAfter(calendarTold(db, id) ?? {}, followed.tasks, plan.plannedAtMs);
  try {
    db.update(sittings)
      .set({ plan, ...(calendar && { calendar }) })
      .where(eq(sittings.id, id))
      .run();
  } catch (error) {
    // A disk that takes nothing keeps nobody from reading: the same plan is found again.
    if (!storageProblem(error)) throw error;
  }
}
