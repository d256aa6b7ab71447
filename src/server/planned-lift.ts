import { gte } from "drizzle-orm";
import { planFollowed } from "@/contracts/plan-followed";
import { storedPlan, type StoredPlan } from "@/contracts/plan";
import { sittingBody } from "@/contracts/sitting";
import { isBaked } from "@/core/preparations";
import { takesItOut } from "@/core/program/out";
import type { BatchView } from "@/contracts/views";
import type { Db } from "./database";
import { sittings } from "./schema";
import { ifReadable } from "./unreadable";

/** A table that has been is nobody's plan any more, ms after it. */
const OVER_AFTER_MS = 3_600_000;

/**
 * Batches with the hour they are to be taken out at by the plan of a sitting that has them: it may stretch a soak or cut it
 * short, and at work it is what everybody goes by.
 */
export function asPlanned<View extends BatchView>(db: Db, views: readonly View[], nowMs: number): View[] {
  const tasks = new Map(plannedTasks(db, nowMs));
  return views.map((view) => {
    if (view.liftedAtMs !== null) return view;
    const baked = isBaked(view.formulation);
    const out = tasks.get(view.id)?.find((t) => takesItOut(t.kind, baked));
    return out ? { ...view, plannedLiftAtMs: out.startMs } : view;
  });
}

/** What is planned of each running batch, by its id. */
function plannedTasks(db: Db, nowMs: number) {
  const rows = db
    .select()
    .from(sittings)
    .where(gte(sittings.tableMs, nowMs - OVER_AFTER_MS))
    .all();
  return rows.flatMap(({ id, body, plan }) => {
    const [kept] = ifReadable("sittings", { id }, () => sittingBody.parse(body));
    const goesBy = storedPlan.safeParse(plan).success ? planFollowed(plan as StoredPlan) : undefined;
    if (!kept || !goesBy) return [];
    return kept.dishes.flatMap((dish) =>
      dish.kind === "running"
        ? [[dish.batchId, goesBy.tasks.filter((t) => t.dishId === dish.id)] as const]
        : [],
    );
  });
}
