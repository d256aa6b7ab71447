import { Undo2 } from "lucide-react";
import type { PlacedStep } from "@/core/program/at-work";
import { Told, useUnits } from "@/ui/measures";
import type { DishAtWork } from "./dish-at-work";
import * as words from "@/words/work/then-list";

export interface Listed {
  dish: DishAtWork;
  act: PlacedStep;
}

interface Props {
  acts: readonly Listed[];
  /** Said only where there are several dishes. */
  named: boolean;
  onShow: (dish: DishAtWork, id: string) => void;
  onUndo: (dish: DishAtWork, id: string) => void;
}

/** Acts by time; a tap shows one large, a done one can be taken back. */
export function ThenList({ acts, named, onShow, onUndo }: Props) {
  const units = useUnits();
  return (
    <ol>
      {acts.map(({ dish, act }) => (
        <li
          key={`${dish.key}/${act.id}`}
          className="flex items-center gap-2 border-b border-line"
          data-listed={act.id}
        >
          <button
            type="button"
            className="flex min-h-12 flex-1 cursor-pointer items-baseline gap-3 py-2 text-left"
            onClick={() => onShow(dish, act.id)}
          >
            <span className="figure w-24 shrink-0 text-lg">
              {units.when(act.doneMs ?? act.dueMs, dish.nowMs, dish.timeZone)}
            </span>
            <span className={act.state === "open" ? "" : "line-through decoration-line"}>
              <b>
                {named && `${dish.name}: `}
                <Told>{act.title}</Told>
              </b>
              {act.foretold && act.state === "open" && (
                <span className="block text-sm text-quiet">{words.movesWithWhatTheProbe}</span>
              )}
            </span>
          </button>
          {act.state !== "open" && (
            <button
              type="button"
              className="btn btn-ghost min-h-11"
              aria-label={words.notDone(act.title)}
              onClick={() => onUndo(dish, act.id)}
            >
              <Undo2 size={18} aria-hidden />
            </button>
          )}
        </li>
      ))}
    </ol>
  );
}

/** So many of them by name: it is one line, not a column. */
const TOLD = 1;

interface AsideProps {
  dish: DishAtWork;
  onAll: (acts: readonly PlacedStep[], notDone: boolean) => void;
}

/** What was not ticked off, in one line: all of it done, or none. */
export function SetAside({ dish, onAll }: AsideProps) {
  const units = useUnits();
  const { setAside } = dish.at;
  if (setAside.length === 0) return null;
  const told = setAside
    .slice(-TOLD)
    .map((a) => `${a.title}, ${units.when(a.dueMs, dish.nowMs, dish.timeZone)}`)
    .join("; ");
  const more = setAside.length - Math.min(TOLD, setAside.length);
  const what = more > 0 ? words.earlier(more, told) : told;
  return (
    <p className="text-sm" data-set-aside={dish.name}>
      <b>{dish.name}</b>: <Told>{what}</Told>.{" "}
      <button
        type="button"
        className="link-in-text font-bold text-primary"
        aria-label={words.doneAllOfThatIs(dish.name)}
        onClick={() => onAll(setAside, false)}
      >
        {words.done}
      </button>{" "}
      ·{" "}
      <button
        type="button"
        className="link-in-text font-bold text-primary"
        aria-label={words.wasNotDoneAllOf(dish.name)}
        onClick={() => onAll(setAside, true)}
      >
        {words.wasNotDone}
      </button>
    </p>
  );
}
