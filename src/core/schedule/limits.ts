import { heatsClash, isBoundBy, type Plan, type Problem } from "./model";

/** A hard limit that a plan breaks. */
export interface Breach {
  what: "length" | "window" | "link" | "closed" | "resource" | "heat" | "missing";
  taskId: string;
  otherId?: string;
}

/**
 * Checks a plan against every hard limit, one by one and without any of the planner's own machinery: what the tests and
 * the screen go by.
 */
export function breaches(problem: Problem, plan: Plan): Breach[] {
  const missing = problem.tasks.filter((t) => !(t.id in plan));
  if (missing.length > 0) return missing.map((t) => ({ what: "missing", taskId: t.id }));
  const of = (id: string) => plan[id];
  return [
    ...problem.tasks.flatMap((task): Breach[] => {
      const { start, end } = of(task.id);
      const found: Breach[] = [];
      if (end - start < task.minMin || end - start > task.maxMin)
        found.push({ what: "length", taskId: task.id });
      const until = Math.min(task.untilMin ?? Infinity, problem.horizonMin);
      if (start < (task.fromMin ?? 0) || start > (task.latestStartMin ?? Infinity) || end > until)
        found.push({ what: "window", taskId: task.id });
      if (problem.closed.some((c) => isBoundBy(task, c) && start < c.toMin && end > c.fromMin))
        found.push({ what: "closed", taskId: task.id });
      return found;
    }),
    ...(problem.pins ?? []).flatMap((pin): Breach[] =>
      of(pin.taskId).start === pin.atMin ? [] : [{ what: "window", taskId: pin.taskId }],
    ),
    ...problem.links.flatMap((link): Breach[] => {
      const gap = of(link.after)[link.to] - of(link.before)[link.from];
      const broken = gap < link.minMin || gap > (link.maxMin ?? Infinity);
      return broken ? [{ what: "link", taskId: link.before, otherId: link.after }] : [];
    }),
    ...problem.resources.flatMap((resource) => overuse(problem, plan, resource)),
  ];
}

function overuse(problem: Problem, plan: Plan, resource: Problem["resources"][number]): Breach[] {
  const users = problem.tasks.flatMap((task) => {
    const use = task.uses.find((u) => u.resourceId === resource.id);
    const { start, end } = plan[task.id];
    return use && end > start ? [{ id: task.id, use, start, end }] : [];
  });
  return users.flatMap((one): Breach[] => {
    const on = users.filter((u) => u.start <= one.start && u.end > one.start);
    if (on.reduce((sum, u) => sum + u.use.amount, 0) > resource.capacity)
      return [{ what: "resource", taskId: one.id }];
    const other = resource.kind === "oven" && on.find((u) => heatsClash(u.use, one.use));
    return other ? [{ what: "heat", taskId: one.id, otherId: other.id }] : [];
  });
}
