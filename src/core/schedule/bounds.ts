import type { Closed, Problem } from "./model";
import { timeOf, type Network } from "./network";

/**
 * Whether a sitting can be seen to be impossible without looking for a plan: between some two instants more is asked of a
 * resource than it has. Tasks whose whole time lies in the interval count with their least minutes; closed hours give no
 * hands. An energy argument (Baptiste, Le Pape and Nuijten 2001, *from memory*): sound, never complete.
 * @param without demands that do not count  @param partly counts what of a task must lie in the interval as well: dearer
 */
export function overAsked(
  problem: Problem,
  network: Network,
  without: ReadonlySet<string>,
  partly = false,
): boolean {
  const earliest = network.earliest();
  return problem.resources.some((resource) => {
    if (without.has(`resource:${resource.id}`)) return false;
    const users = problem.tasks.flatMap((task, i) => {
      const use = task.uses.find((u) => u.resourceId === resource.id);
      const bound = task.demand === undefined || !without.has(task.demand);
      if (!use || use.amount <= 0 || !bound) return [];
      return [
        {
          from: timeOf(earliest, i, "start"),
          to: timeOf(network.latest, i, "end"),
          minutes: task.minMin,
          amount: use.amount,
        },
      ];
    });
    // Where somebody gets up for one of them, there are hands at night as well.
    const allHours = resource.kind !== "hands" || problem.tasks.some((t) => t.upFor !== undefined);
    const shut = allHours ? [] : problem.closed.filter((c) => !without.has(c.demand));
    return intervalOver(users, resource.capacity, shut, partly);
  });
}

interface User {
  /** Earliest start and latest end, and the least minutes. */
  from: number;
  to: number;
  minutes: number;
  amount: number;
}

function intervalOver(
  users: readonly User[],
  capacity: number,
  shut: readonly Closed[],
  partly: boolean,
): boolean {
  const starts = [...new Set(users.flatMap((u) => (partly ? [u.from, u.to - u.minutes] : [u.from])))];
  const ends = [...new Set(users.flatMap((u) => (partly ? [u.to, u.from + u.minutes] : [u.to])))];
  return starts.some((from) =>
    ends.some((to) => {
      if (to <= from) return false;
      const room = capacity * openMinutes(from, to, shut);
      let energy = 0;
      for (const u of users) {
        energy +=
          u.amount * (partly ? leastWithin(u, from, to) : u.from >= from && u.to <= to ? u.minutes : 0);
        if (energy > room) return true;
      }
      return false;
    }),
  );
}

/** So much of a task lies in an interval wherever it is put: pushed to its earliest, or to its latest. */
const leastWithin = ({ from: est, to: lct, minutes }: User, from: number, to: number): number =>
  Math.max(0, Math.min(minutes, to - from, est + minutes - from, to - (lct - minutes)));

const openMinutes = (from: number, to: number, shut: readonly Closed[]): number =>
  to -
  from -
  shut.reduce((sum, c) => sum + Math.max(0, Math.min(to, c.toMin) - Math.max(from, c.fromMin)), 0);
