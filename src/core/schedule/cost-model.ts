import { CROWDED_MIN, POINTS } from "./cost";
import type { Problem } from "./model";
import { pointOf } from "./network";

/**
 * The cost of a schedule read straight off its points: what `costOf` says of the plan they make, without making one. The
 * planner asks it thousands of times.
 */
export class CostModel {
  private readonly links: { before: number; after: number; wantedMin: number; perMin: number }[];
  /** By point: the points wanted at a gap from it. */
  readonly wants: { other: number; gap: number }[][];
  private readonly elastic: { index: number; preferMin: number }[];
  private readonly hot: number[];
  private readonly hands: number[];
  private readonly dishes: number[];
  private readonly order: number[];

  constructor(private readonly problem: Problem) {
    const index = new Map(problem.tasks.map((t, i) => [t.id, i]));
    const at = (id: string) => index.get(id) ?? 0;
    this.links = problem.links.flatMap((l) =>
      l.wantedMin === undefined
        ? []
        : [
            {
              before: pointOf(at(l.before), l.from),
              after: pointOf(at(l.after), l.to),
              wantedMin: l.wantedMin,
              perMin: l.gently ? POINTS.offGentlyPerMin : POINTS.offWantedPerMin,
            },
          ],
    );
    this.wants = Array.from({ length: 1 + 2 * problem.tasks.length }, () => []);
    for (const { before, after, wantedMin } of this.links) {
      this.wants[before].push({ other: after, gap: wantedMin });
      this.wants[after].push({ other: before, gap: -wantedMin });
    }
    this.elastic = problem.tasks.flatMap((t, i) =>
      t.minMin === t.maxMin && t.preferMin === t.minMin ? [] : [{ index: i, preferMin: t.preferMin }],
    );
    this.hot = problem.tasks.flatMap((t, i) => (t.hot ? [i] : []));
    this.hands = problem.tasks.flatMap((t, i) => (t.handsOn ? [i] : []));
    const ids = new Map<string, number>();
    this.dishes = problem.tasks.map((t) => {
      if (!ids.has(t.dishId)) ids.set(t.dishId, ids.size);
      return ids.get(t.dishId) ?? 0;
    });
    this.order = [...this.hands];
  }

  /** @param least at which it is dear enough: what it costs beyond that need not be told */
  of(times: Int32Array, least = Infinity): number {
    const { problem, hands } = this;
    let cost = 0;
    for (const { before, after, wantedMin, perMin } of this.links)
      cost += Math.abs(times[after] - times[before] - wantedMin) * perMin;
    if (cost >= least) return cost;
    for (const { index, preferMin } of this.elastic) {
      const length = times[2 + 2 * index] - times[1 + 2 * index];
      cost += (Math.abs(length - preferMin) / 60) * POINTS.offPreferPerHour;
    }
    for (const i of this.hot) cost += Math.max(0, problem.tableMin - times[2 + 2 * i]) * POINTS.hotWaitPerMin;
    for (const i of hands) {
      const [start, end] = [times[1 + 2 * i], times[2 + 2 * i]];
      for (const span of problem.unloved)
        if (start < span.toMin && end > span.fromMin) {
          cost += POINTS.unlovedAct;
          break;
        }
    }
    return cost >= least ? cost : cost + this.crowding(times);
  }

  private crowding(times: Int32Array): number {
    const { dishes, order } = this;
    let cost = 0;
    // Nearly sorted from the last time it was asked.
    for (let i = 1; i < order.length; i++) {
      const one = order[i];
      let j = i - 1;
      while (j >= 0 && times[1 + 2 * order[j]] > times[1 + 2 * one]) {
        order[j + 1] = order[j];
        j--;
      }
      order[j + 1] = one;
    }
    for (let i = 0; i < order.length; i++) {
      const until = times[2 + 2 * order[i]] + CROWDED_MIN;
      for (let j = i + 1; j < order.length && times[1 + 2 * order[j]] < until; j++)
        if (dishes[order[i]] !== dishes[order[j]]) cost += POINTS.crowdedPair;
    }
    return cost;
  }
}
