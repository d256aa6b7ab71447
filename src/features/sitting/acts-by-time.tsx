import { Pin } from "lucide-react";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { duration, tell } from "@/ui/format";
import { dishColour } from "./dish-colour";
import { sayMovedBy } from "./say";
import { Told, useUnits } from "@/ui/measures";
import * as words from "@/words/sitting/acts-by-time";

interface Props {
  tasks: readonly PlannedTask[];
  dishes: ReadonlyMap<string, { batchId?: string }>;
  timeZone: string;
  /** What the cook put where it is. */
  pinned: { has: (taskId: string) => boolean };
  /** How far acts moved with the last change, by id, min. */
  moved?: ReadonlyMap<string, number>;
  /** Acts that do not fit, where no plan is whole. */
  misfits?: ReadonlySet<string> | undefined;
  onUnpin?: (taskId: string) => void;
}

const HOUR_MS = 3_600_000;

/** Every act by the clock, day by day: what a phone shows, and what is read in the kitchen. */
export function ActsByTime({ tasks, dishes, timeZone, pinned, moved, misfits, onUnpin }: Props) {
  const units = useUnits();
  const days = new Map<string, PlannedTask[]>();
  for (const task of tasks) {
    const day = tell(task.startMs, timeZone, "EEEE d MMMM");
    days.set(day, [...(days.get(day) ?? []), task]);
  }
  const places = [...dishes.keys()];
  return [...days].map(([day, acts]) => (
    <section key={day} aria-label={day}>
      <h3 className="mt-3 text-lg">{day}</h3>
      <ol>
        {acts.map((task) => {
          const movedMin = moved?.get(task.id);
          const batchId = dishes.get(task.dishId)?.batchId;
          return (
            <li
              key={task.id}
              className={`flex items-baseline gap-3 border-b border-dotted border-line py-1 ${misfits?.has(task.id) ? "border-l-8 border-l-accent pl-2" : ""}`}
            >
              <span className="figure w-16 shrink-0 text-xl">{units.clock(task.startMs, timeZone)}</span>
              <span
                className="w-1.5 shrink-0 self-stretch"
                style={{ background: dishColour(places.indexOf(task.dishId)) }}
                aria-hidden
              />
              <span className="flex-1">
                <b>{task.dish}</b>:{" "}
                {batchId ? (
                  <a href={`/work/${batchId}`} className="link-in-text">
                    <Told>{task.title}</Told>
                  </a>
                ) : (
                  <Told>{task.title}</Told>
                )}
                {movedMin !== undefined && <strong> · {sayMovedBy(movedMin)}</strong>}
                {misfits?.has(task.id) && <strong> {words.doesNotFit}</strong>}
                {task.endMs > task.startMs && (
                  <span className="text-quiet"> · {duration((task.endMs - task.startMs) / HOUR_MS)}</span>
                )}
              </span>
              {onUnpin && pinned.has(task.id) && (
                <button
                  type="button"
                  className="btn btn-ghost min-h-11"
                  aria-label={words.letItMoveAgain(task.title)}
                  onClick={() => onUnpin(task.id)}
                >
                  <Pin size={18} aria-hidden />
                </button>
              )}
            </li>
          );
        })}
      </ol>
    </section>
  ));
}
