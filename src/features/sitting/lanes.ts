import type { PlannedTask } from "@/core/schedule/planned-tasks";
import * as words from "@/words/sitting/lanes";

export interface Lane {
  id: string;
  name: string;
  /** Rows, so that nothing lies over anything else. */
  rows: PlannedTask[][];
}

/** Lays tasks into as few rows as keep them apart. @param roomMs the least width a task is drawn with */
export function rowsOf(tasks: readonly PlannedTask[], roomMs: number): PlannedTask[][] {
  const rows: { tasks: PlannedTask[]; untilMs: number }[] = [];
  for (const task of [...tasks].sort((a, b) => a.startMs - b.startMs)) {
    const row = rows.find((r) => r.untilMs <= task.startMs);
    const untilMs = Math.max(task.endMs, task.startMs + roomMs);
    if (row) {
      row.tasks.push(task);
      row.untilMs = untilMs;
    } else rows.push({ tasks: [task], untilMs });
  }
  return rows.map((r) => r.tasks);
}

export function lanesByDish(
  tasks: readonly PlannedTask[],
  dishes: readonly { id: string; name: string }[],
  roomMs: number,
): Lane[] {
  return dishes.map((dish) => ({
    id: dish.id,
    name: dish.name,
    rows: rowsOf(
      tasks.filter((t) => t.dishId === dish.id),
      roomMs,
    ),
  }));
}

const NAMES: Record<string, string> = words.names;

export function lanesByResource(tasks: readonly PlannedTask[], roomMs: number): Lane[] {
  const ids = [...new Set(tasks.flatMap((t) => t.uses.map((u) => u.resourceId)))].sort();
  return ids.map((id) => ({
    id,
    name: NAMES[id] ?? id.replace(/^oven(\d)$/, words.oven1),
    rows: rowsOf(
      tasks.filter((t) => t.uses.some((u) => u.resourceId === id)),
      roomMs,
    ),
  }));
}
