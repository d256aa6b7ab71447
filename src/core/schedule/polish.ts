import { hasConflict, type Watch } from "./conflicts";
import type { CostModel } from "./cost-model";
import type { Bound, Network } from "./network";

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
  const pushed = pushing(network, model.wants);
  // Beyond these the origin would have to move too: nothing need be pushed to find that out.
  const { latest } = network;
  const earliest = network.earliest();
  let times = from;
  let cost = model.of(times);
  const round = movesARound(network.points, model.wants);
  // Tried without gain since the times were last made better.
  let vain = 0;
  for (let better = true; better && cost > 1e-9;) {
    better = false;
    let tried = 0;
    for (const step of STEPS)
      for (let point = 1; point < network.points; point++)
        for (const [by, rigid] of ways(step, model.wants[point].length > 0)) {
          if (vain === round) {
            // What is left of this round was tried of these very times in the round before; it counts all the same.
            left.moves -= round - tried;
            return { times, cost };
          }
          if (left.moves-- <= 0) return { times, cost };
          tried++;
          vain++;
          const to = times[point] + by;
          if (to < earliest[point] || to > latest[point]) continue;
          const moved = pushed(times, point, by, rigid);
          if (!moved) continue;
          const now = model.of(moved, cost - 1e-9);
          if (now >= cost - 1e-9 || hasConflict(watch, moved)) continue;
          times = moved.slice();
          cost = now;
          better = true;
          vain = 0;
        }
  }
  return { times, cost };
}

/** So many moves there are to try from any times. */
const movesARound = (points: number, wants: CostModel["wants"]): number => {
  let aStep = 0;
  for (let point = 1; point < points; point++) aStep += ways(1, wants[point].length > 0).length;
  return STEPS.length * aStep;
};

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

/** A push that takes more than so many points along for each there is, goes round in a circle. */
const MOST_A_POINT = 40;

/**
 * What gives the times with one point moved and all that must follow; undefined where the origin would have to. Asked
 * thousands of times, it gives the same array again and again: copy it.
 */
function pushing(network: Network, wants: CostModel["wants"]) {
  const { noLater, noSooner } = network.ties();
  const moved = new Int32Array(network.points);
  const queue = new Int32Array(MOST_A_POINT * network.points + 1);
  let waiting = 0;

  /** @returns false where the origin would have to move, or too many */
  const move = (point: number, to: number): boolean => {
    if (point === 0 || waiting === queue.length) return false;
    moved[point] = to;
    queue[waiting++] = point;
    return true;
  };
  /** It fell: whoever may be no later than so much after it falls too. */
  const falls = (p: number, { others, by }: Bound): boolean => {
    for (let e = 0; e < others.length; e++) {
      const most = moved[p] + by[e];
      if (moved[others[e]] > most && !move(others[e], most)) return false;
    }
    return true;
  };
  /** It rose: whoever may be no earlier than so much before it rises too. */
  const rises = (p: number, { others, by }: Bound): boolean => {
    for (let e = 0; e < others.length; e++) {
      const least = moved[p] - by[e];
      if (moved[others[e]] < least && !move(others[e], least)) return false;
    }
    return true;
  };
  /** What is just where it is wanted stays so. */
  const keeps = (p: number, times: Int32Array, down: boolean): boolean => {
    for (const { other, gap } of wants[p]) {
      if (times[other] - times[p] !== gap) continue;
      const to = moved[p] + gap;
      if (down ? moved[other] <= to : moved[other] >= to) continue;
      if (!move(other, to)) return false;
    }
    return true;
  };
  return (times: Int32Array, point: number, by: number, rigid: boolean): Int32Array | undefined => {
    const down = by < 0;
    moved.set(times);
    waiting = 0;
    move(point, times[point] + by);
    for (let head = 0; head < waiting; head++) {
      const p = queue[head];
      if (rigid && !keeps(p, times, down)) return undefined;
      if (!(down ? falls(p, noLater[p]) : rises(p, noSooner[p]))) return undefined;
    }
    return moved;
  };
}
