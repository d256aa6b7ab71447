import { lastConflict, type Watch } from "./conflicts";
import type { CostModel } from "./cost-model";
import type { Network, Ties } from "./network";

/** Steps a point is tried to be moved by, minutes: far first. */
const STEPS = [480, 120, 30, 10, 5, 2, 1];

/**
 * A schedule made cheaper with the order of things kept: one point is moved, and takes along whatever its ties make it take.
 * Deterministic: so many moves and no more.
 * @param left moves that may still be tried; counted down
 * @returns the cheaper times, and what they cost
 */
export function polished(
  network: Network,
  watch: Watch,
  model: CostModel,
  from: Int32Array,
  left: { moves: number },
): { times: Int32Array; cost: number } {
  const ties = network.ties();
  // Beyond these the origin would have to move too: nothing need be pushed to find that out.
  const { latest } = network;
  const earliest = network.earliest();
  let times = from;
  let cost = model.of(times);
  for (let better = true; better && cost > 1e-9;) {
    better = false;
    for (const step of STEPS)
      for (let point = 1; point < network.points; point++)
        for (const [by, rigid] of ways(step, model.wants[point].length > 0)) {
          if (left.moves-- <= 0) return { times, cost };
          const to = times[point] + by;
          if (to < earliest[point] || to > latest[point]) continue;
          const moved = pushed(ties, times, point, by, rigid ? model.wants : undefined);
          if (!moved) continue;
          const now = model.of(moved);
          if (now >= cost - 1e-9 || lastConflict(watch, moved)) continue;
          times = moved;
          cost = now;
          better = true;
        }
  }
  return { times, cost };
}

/** Up and down, and where a point is wanted at a minute of another, once more with both moved as one. */
const ways = (step: number, wanted: boolean): [number, boolean][] =>
  wanted
    ? [
        [step, false],
        [-step, false],
        [step, true],
        [-step, true],
      ]
    : [
        [step, false],
        [-step, false],
      ];

/** The times with one point moved and all that must follow; undefined where the origin would have to. */
function pushed(
  ties: Ties,
  times: Int32Array,
  point: number,
  by: number,
  wants: CostModel["wants"] | undefined,
): Int32Array | undefined {
  const moved = times.slice();
  moved[point] += by;
  const queue = [point];
  const down = by < 0;
  let steps = 0;
  const most = 40 * times.length;
  for (let head = 0; head < queue.length; head++) {
    const p = queue[head];
    if (++steps > most) return undefined;
    if (wants)
      for (const { other, gap } of wants[p]) {
        // What is just where it is wanted stays so.
        if (times[other] - times[p] !== gap) continue;
        const to = moved[p] + gap;
        if (down ? moved[other] <= to : moved[other] >= to) continue;
        if (other === 0) return undefined;
        moved[other] = to;
        queue.push(other);
      }
    if (down) {
      // It fell: whoever may be no later than so much after it falls too.
      for (const e of ties.out[p]) {
        const to = ties.to[e];
        const most = moved[p] + ties.weight[e];
        if (moved[to] <= most) continue;
        if (to === 0) return undefined;
        moved[to] = most;
        queue.push(to);
      }
    } else {
      // It rose: whoever may be no earlier than so much before it rises too.
      for (const e of ties.into[p]) {
        const from = ties.from[e];
        const least = moved[p] - ties.weight[e];
        if (moved[from] >= least) continue;
        if (from === 0) return undefined;
        moved[from] = least;
        queue.push(from);
      }
    }
  }
  return moved;
}
