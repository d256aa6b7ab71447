import type { End, Minute, Problem } from "./model";

/** What a point binds: each of these others, by so much. */
export interface Bound {
  others: Int32Array;
  by: Int32Array;
}

/** The constraints by the points they bind: others may be no later than so much after a point, or no sooner than so much before it. */
export interface Ties {
  noLater: readonly Bound[];
  noSooner: readonly Bound[];
}

/**
 * Temporal constraints between the ends of tasks, and the latest time each may have. A simple temporal network (Dechter,
 * Meiri and Pearl 1991, *from memory*): x_to − x_from ≤ weight; the latest times are shortest distances from the origin,
 * and together they are themselves a schedule.
 */
export class Network {
  private readonly from: number[] = [];
  private readonly to: number[] = [];
  private readonly weight: number[] = [];
  private readonly out: number[][];
  /** Latest time of every point; point 0 is the origin. */
  latest: Int32Array;

  private constructor(readonly points: number) {
    this.out = Array.from({ length: points }, () => []);
    this.latest = new Int32Array(points);
  }

  /** @returns undefined where the constraints contradict one another */
  static of(problem: Problem, without: ReadonlySet<string> = NONE): Network | undefined {
    const network = new Network(1 + 2 * problem.tasks.length);
    network.latest.fill(problem.horizonMin);
    network.latest[0] = 0;
    const index = new Map(problem.tasks.map((t, i) => [t.id, i]));
    problem.tasks.forEach((task, i) => {
      const [start, end] = [pointOf(i, "start"), pointOf(i, "end")];
      const bound = task.demand === undefined || !without.has(task.demand);
      network.edge(start, 0, bound ? -(task.fromMin ?? 0) : 0);
      network.edge(0, end, Math.min(problem.horizonMin, (bound ? task.untilMin : undefined) ?? Infinity));
      if (task.latestStartMin !== undefined) network.edge(0, start, task.latestStartMin);
      network.edge(end, start, bound ? -task.minMin : 0);
      if (bound) network.edge(start, end, task.maxMin);
    });
    for (const link of problem.links) {
      if (link.demand !== undefined && without.has(link.demand)) continue;
      const a = pointOf(index.get(link.before) ?? missing(link.before), link.from);
      const b = pointOf(index.get(link.after) ?? missing(link.after), link.to);
      network.edge(b, a, -link.minMin);
      if (link.maxMin !== undefined) network.edge(a, b, link.maxMin);
    }
    for (const pin of problem.pins ?? []) {
      const start = pointOf(index.get(pin.taskId) ?? missing(pin.taskId), "start");
      if (without.has(pin.demand)) continue;
      network.edge(0, start, pin.atMin);
      network.edge(start, 0, -pin.atMin);
    }
    return network.settle(network.from.map((_, i) => i)) ? network : undefined;
  }

  private edge(from: number, to: number, weight: number): number {
    this.from.push(from);
    this.to.push(to);
    // Times are whole minutes: a difference of at most 10.7 is one of at most 10.
    this.weight.push(Math.floor(weight));
    this.out[from].push(this.from.length - 1);
    return this.from.length - 1;
  }

  /**
   * Lets the latest times fall until every constraint holds.
   * @param still the point a single fresh constraint leaves: should that point fall, it pulls on itself, and never ends
   */
  private settle(fresh: readonly number[], still = 0): boolean {
    const queue: number[] = [];
    const waiting = new Uint8Array(this.points);
    const fell = new Uint16Array(this.points);
    const relax = (e: number): boolean => {
      const reach = this.latest[this.from[e]] + this.weight[e];
      const to = this.to[e];
      if (reach >= this.latest[to]) return true;
      // The origin stands still: whoever would pull it back contradicts it.
      if (to === 0 || to === still) return false;
      // A point that falls more often than there are points is on a circle that never ends (Bellman and Ford).
      if (waiting[to] === 0 && ++fell[to] > this.points) return false;
      this.latest[to] = reach;
      if (waiting[to] === 0) {
        waiting[to] = 1;
        queue.push(to);
      }
      return true;
    };
    for (const e of fresh) if (!relax(e)) return false;
    for (let head = 0; head < queue.length; head++) {
      const point = queue[head];
      waiting[point] = 0;
      for (const e of this.out[point]) if (!relax(e)) return false;
    }
    return true;
  }

  /** Adds one constraint; @returns how to take it back, or undefined where it contradicts (already taken back) */
  add(from: number, to: number, weight: number): (() => void) | undefined {
    const before = this.latest.slice();
    const e = this.edge(from, to, weight);
    const back = () => {
      this.from.pop();
      this.to.pop();
      this.weight.pop();
      this.out[from].pop();
      this.latest = before;
    };
    if (this.settle([e], from)) return back;
    back();
    return undefined;
  }

  /** Its constraints by the points they bind, for moving points within them. */
  ties(): Ties {
    const into: number[][] = Array.from({ length: this.points }, () => []);
    this.to.forEach((to, e) => into[to].push(e));
    const bounds = (edges: readonly number[][], other: readonly number[]): Bound[] =>
      edges.map((of) => ({
        others: Int32Array.from(of, (e) => other[e]),
        by: Int32Array.from(of, (e) => this.weight[e]),
      }));
    return { noLater: bounds(this.out, this.to), noSooner: bounds(into, this.from) };
  }

  /**
   * Earliest time of every point: the longest way back to the origin.
   * @param from none is sooner than here; the constraints on how late it may be are then the caller's to look at
   */
  earliest(from: Int32Array = new Int32Array(this.points)): Int32Array {
    const at = from.slice();
    for (let changed = true; changed;) {
      changed = false;
      for (let e = 0; e < this.from.length; e++) {
        // x_to − x_from ≤ w  →  x_from ≥ x_to − w
        const least = at[this.to[e]] - this.weight[e];
        if (least > at[this.from[e]] && this.from[e] !== 0) {
          at[this.from[e]] = least;
          changed = true;
        }
      }
    }
    return at;
  }
}

const NONE: ReadonlySet<string> = new Set();

/** The point of a task's start or end. @param index of the task in its problem */
export const pointOf = (index: number, end: End): number => 1 + 2 * index + (end === "start" ? 0 : 1);

export const timeOf = (times: Int32Array, index: number, end: End): Minute => times[pointOf(index, end)];

function missing(id: string): never {
  throw new Error(`a link or pin names the task "${id}", which is not in the problem`);
}
