import { isOneHeat } from "../heat/oven";
import { resourceDemand, type Closed, type Problem, type Resource, type Span } from "./model";
import { dishTasks } from "./dish-tasks";
import { heatedAlready, hotOvens } from "./hot-ovens";
import {
  COOLER,
  FRIDGE,
  HANDS,
  HOB,
  OVEN,
  TRAY,
  VESSEL,
  type ProgramDish,
  type SittingKitchen,
} from "./dishes";
import * as words from "@/words/core/schedule/sitting";

export interface Sitting {
  dishes: ProgramDish[];
  kitchen: SittingKitchen;
  /** On the plan's clock, whose 0 is now. */
  tableMin: number;
  closed: Closed[];
  unloved: Span[];
}

/** What is planned may run on so long after the table: leftovers, and a table let go to see what clashes. */
const AFTER_TABLE_MIN = 6 * 24 * 60;

/**
 * A dish stays in one oven through all its stages. Dishes of one and the same heat share; what goes through several heats
 * has an oven to itself while there is one. First come, first served by the longest in the heat.
 */
function ovenOf(dishes: readonly ProgramDish[], ovens: number, variant: number): (dishId: string) => string {
  const heats = dishes.flatMap((dish) => {
    const inOven = dish.program.steps.flatMap((s) =>
      s.kind === "preheat"
        ? []
        : s.occupies.flatMap((o) => (o.what === "oven" ? [{ airC: o.airC, min: s.minutes.likely }] : [])),
    );
    return inOven.length === 0 ? [] : [{ dish, inOven, minutes: inOven.reduce((sum, h) => sum + h.min, 0) }];
  });
  const groups: { ids: string[]; airC: number[]; minutes: number }[] = [];
  for (const { dish, inOven, minutes } of heats.sort(
    (x, y) => y.minutes - x.minutes || (x.dish.id < y.dish.id ? -1 : 1),
  )) {
    const airC = inOven.map((h) => h.airC);
    const same = groups.find((g) => [...g.airC, ...airC].every((c) => isOneHeat(c, airC[0])));
    if (same) {
      same.ids.push(dish.id);
      same.minutes = Math.max(same.minutes, minutes);
    } else groups.push({ ids: [dish.id], airC, minutes });
  }
  const loads = Array.from({ length: Math.max(1, ovens) }, () => 0);
  const of = new Map<string, string>();
  groups.forEach((group, i) => {
    const least =
      (loads.indexOf(Math.min(...loads)) + turnedBy(variant, groups.length - 1 - i)) % loads.length;
    loads[least] += group.minutes;
    for (const id of group.ids) of.set(id, least === 0 ? OVEN : `${OVEN}${least + 1}`);
  });
  return (dishId) => of.get(dishId) ?? OVEN;
}

/** The last groups put into another oven than the emptiest: one bit of the variant each. */
const turnedBy = (variant: number, fromEnd: number): number => (fromEnd < 30 ? (variant >> fromEnd) & 1 : 0);

export interface ProblemOptions {
  /** Whether turns are put in: they follow settled hours. */
  turned: boolean;
  /** Where somebody gets up: for the ice alone, or for anything. */
  upFor?: "ice" | "anything";
  /** Which dish in which oven, where there are several: 0 the emptiest first, others tried when that does not fit. */
  ovens?: number;
}

/** The sitting as the planner's problem. */
export function problemOf(sitting: Sitting, options: ProblemOptions = { turned: true }): Problem {
  const { kitchen, tableMin } = sitting;
  const parts = sitting.dishes.map((dish) => dishTasks(dish, tableMin, options));
  const which = ovenOf(sitting.dishes, kitchen.ovens, options.ovens ?? 0);
  const hot = hotOvens(sitting.dishes, which);
  return {
    tasks: parts
      .flatMap((p) => p.tasks)
      .map((t) => ({
        ...t,
        uses: t.uses.map((u) => (u.resourceId === OVEN ? { ...u, resourceId: which(t.dishId) } : u)),
      }))
      .map((t) => heatedAlready(t, hot)),
    links: parts.flatMap((p) => p.links),
    resources: resourcesOf(kitchen),
    closed: sitting.closed,
    unloved: sitting.unloved,
    tableMin,
    horizonMin: Math.max(0, tableMin) + AFTER_TABLE_MIN,
  };
}

export function resourcesOf(kitchen: SittingKitchen): Resource[] {
  const ovens = Array.from({ length: Math.max(1, kitchen.ovens) }, (_, i) => ({
    id: i === 0 ? OVEN : `${OVEN}${i + 1}`,
    name: words.oven(i + 1),
    kind: "oven" as const,
    capacity: kitchen.ovens === 0 ? 0 : kitchen.shelves,
  }));
  return [
    { id: FRIDGE, name: "fridge", kind: "fridge", capacity: kitchen.fridgeL },
    ...ovens,
    { id: HOB, name: "hob", kind: "hob", capacity: kitchen.rings },
    { id: COOLER, name: "cooler", kind: "cooler", capacity: kitchen.coolers },
    { id: TRAY, name: "trays", kind: "tray", capacity: kitchen.trays },
    { id: VESSEL, name: "vessels", kind: "vessel", capacity: kitchen.vessels },
    { id: HANDS, name: "hands", kind: "hands", capacity: kitchen.cooks },
  ];
}

/** What a demand stands for, for whoever has to say it. */
export type DemandFacts =
  | { kind: "soak"; dish: string; minMin: number; maxMin: number }
  | { kind: "table"; dish: string }
  | { kind: "quiet" }
  | { kind: "absence"; index: number }
  | { kind: "resource"; name: string; capacity: number; resource: Resource["kind"] }
  | { kind: "ice"; dish: string }
  | { kind: "pinned"; title: string }
  | { kind: "other"; id: string };

/** @param id a demand of this sitting's problem */
export function demandFacts(sitting: Sitting, problem: Problem, id: string): DemandFacts {
  const dishName = (dishId: string) => sitting.dishes.find((d) => d.id === dishId)?.name ?? dishId;
  const resource = problem.resources.find((r) => resourceDemand(r.id) === id);
  if (resource)
    return { kind: "resource", name: resource.name, capacity: resource.capacity, resource: resource.kind };
  const [what, rest = ""] = id.split(/:(.*)/s);
  switch (what) {
    case "quiet":
      return { kind: "quiet" };
    case "absence":
      return { kind: "absence", index: Number(rest) };
    case "table":
      return { kind: "table", dish: dishName(rest) };
    case "ice":
      return { kind: "ice", dish: dishName(rest) };
    case "pinned":
      return { kind: "pinned", title: problem.tasks.find((t) => t.id === rest)?.title ?? rest };
    case "soak": {
      const task = problem.tasks.find((t) => t.demand === id);
      return { kind: "soak", dish: dishName(rest), minMin: task?.minMin ?? 0, maxMin: task?.maxMin ?? 0 };
    }
    default:
      return { kind: "other", id };
  }
}
