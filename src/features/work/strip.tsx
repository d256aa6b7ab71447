import { duration } from "@/ui/format";
import { useUnits } from "@/ui/measures";
import type { Units } from "@/ui/units";
import type { DishAtWork } from "./dish-at-work";
import * as words from "@/words/work/strip";

interface Props {
  dishes: readonly DishAtWork[];
  focus: string | undefined;
  onFocus: (key: string) => void;
}

const HOUR_MS = 3_600_000;

/** Every dish at work and what it is at, on one line; a tap brings it forward. */
export function Strip({ dishes, focus, onFocus }: Props) {
  const units = useUnits();
  if (dishes.length < 2) return null;
  return (
    <ul className="flex flex-wrap gap-2 px-4 pt-4 lg:px-6" aria-label={words.dishesAtWork}>
      {dishes.map((dish) => (
        <li key={dish.key}>
          <button
            type="button"
            className={`min-h-12 cursor-pointer rounded-sm border-2 bg-base-100 px-3 py-1 text-left ${dish.urgency < 2 ? "border-accent" : "border-line"} ${focus === dish.key ? "outline-2 outline-offset-2 outline-primary" : ""}`}
            aria-pressed={focus === dish.key}
            onClick={() => onFocus(dish.key)}
            data-dish-at-work={dish.name}
          >
            <b>{dish.name}</b> <span>{sayState(dish, units)}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}

/** "58.9 °C in the oven", "in its brine till 06:40", "pack the crust in 12 min". */
export function sayState({ at, nowMs, timeZone }: DishAtWork, units: Units): string {
  const [heat] = at.inHeat;
  if (heat) {
    const { core } = heat;
    if (core.kind === "takeOut") return words.outNow(units.reading(core.coreC));
    return core.kind === "unread" ? words.inTheOven : words.inTheOvenOfCoreC(units.reading(core.coreC));
  }
  if (at.phase === "served") return words.served;
  if (at.phase === "resting") return words.resting;
  const next = at.current;
  if (!next) return words.allDone;
  const soak = at.steps.find((s) => s.kind === "soak");
  const out = at.steps.find((s) => s.kind === "takeOut");
  if (at.phase === "soaking" && soak && out && next.id === out.id)
    return words.standsTill(next.dueMs > nowMs, units.when(out.dueMs, nowMs, timeZone));
  const untilH = (next.dueMs - nowMs) / HOUR_MS;
  return words.nextIn(untilH, duration(untilH));
}
