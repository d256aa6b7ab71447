import type { Cook } from "../formula/model";
import { RANGES } from "../formula/ranges";
import type { ReadMethod } from "./read-method";

const REST_MIN = 10;

/**
 * The cook a method describes, in as many stages as it has ovens and times to them.
 * @param usual what holds where it says nothing
 * @returns undefined where it says nothing of a cook at all
 */
export function cookSaid(method: ReadMethod, usual: Cook): Cook | undefined {
  const times = method.stages.filter((s) => s.kind === "cook");
  const rest = method.stages.find((s) => s.kind === "rest");
  const ovens = method.ovens.map((o) => within(o.celsius, RANGES.ovenC));
  const [core] = method.cores;
  if (times.length === 0 && ovens.length === 0 && !core) return undefined;
  const ovenC = ovens.length > 0 ? ovens[0] : usual.ovenC;
  const minutes = times.reduce((sum, t) => sum + (t.low + t.high) / 2, 0) || usual.minutes;
  const staged =
    ovens.length > 1 && method.ovens.slice(1).some((o) => o.changes) && times.length === ovens.length;
  return {
    toC: core ? within(core.celsius, RANGES.cookC) : usual.toC,
    minutes: within(minutes, RANGES.cookMin),
    restMin: rest ? within((rest.low + rest.high) / 2, RANGES.restMin) : Math.max(usual.restMin, REST_MIN),
    ...(ovenC !== undefined && { ovenC }),
    ...(staged && {
      stages: ovens.map((ovenC, i) => ({
        ovenC,
        minutes: within((times[i].low + times[i].high) / 2, RANGES.cookMin),
        cover: "open" as const,
      })),
    }),
  };
}

const within = (value: number, { min, max }: { min: number; max: number }): number =>
  Math.round(Math.min(max, Math.max(min, value)));
