import { USUAL_OVEN_C } from "../formula/cook/cook";
import { RANGES, STAGES_MAX } from "../quantity/ranges";
import type { Cook, CookStage } from "../formulation";
import type { ReadMethod } from "./method";

const REST_MIN = 10;

/**
 * The cook a method describes, in as many stages as it has ovens and times to them.
 * @param usual what holds where it says nothing
 * @returns undefined where it says nothing of a cook at all
 */
export function cookSaid(method: ReadMethod, usual: Cook): Cook | undefined {
  const [core] = method.cores;
  const timed = method.cook.filter((s) => s.minutes || s.ovenC !== undefined);
  if (timed.length === 0 && !core) return undefined;
  const ovenC = timed.find((s) => s.ovenC !== undefined)?.ovenC ?? usual.ovenC;
  const stages = timed.map((s): CookStage => ({
    ovenC: within(s.ovenC ?? ovenC ?? usual.ovenC ?? USUAL_OVEN_C, RANGES.ovenC),
    minutes: within(s.minutes ? (s.minutes.low + s.minutes.high) / 2 : usual.minutes, RANGES.cookMin),
    cover: COVERS[s.cover ?? "open"],
    ...(s.tend && { action: s.tend.action }),
    ...(s.tend?.everyMin !== undefined && { everyMin: within(s.tend.everyMin, RANGES.bakeMin) }),
  }));
  const minutes = stages.reduce((sum, s) => sum + s.minutes, 0) || usual.minutes;
  const staged = stages.length > 1 || stages.some((s) => s.cover !== "open" || s.action);
  return {
    toC: core ? within(core.celsius, RANGES.cookC) : usual.toC,
    minutes: within(minutes, RANGES.cookMin),
    restMin: method.rest
      ? within((method.rest.low + method.rest.high) / 2, RANGES.restMin)
      : Math.max(usual.restMin, REST_MIN),
    ...(ovenC !== undefined && { ovenC: within(ovenC, RANGES.ovenC) }),
    ...(staged && { stages: stages.slice(0, STAGES_MAX) }),
  };
}

const COVERS = { open: "open", covered: "lid", foil: "foil" } as const;

const within = (value: number, { min, max }: { min: number; max: number }): number =>
  Math.round(Math.min(max, Math.max(min, value)));
