import { useEffect, useRef, useState } from "react";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { movedBy, sayMoved } from "./say";

const LOG_MOST = 8;

export interface Moves {
  /** What moved since the page was opened, newest first. */
  log: string[];
  /** How far each act moved with the last change, by id, min. */
  last: ReadonlyMap<string, number>;
}

/** What moves while the plan is looked at: told, and marked where it stands. */
export function useMoves(tasks: readonly PlannedTask[] | undefined): Moves {
  const [moves, setMoves] = useState<Moves>({ log: [], last: new Map() });
  const before = useRef<readonly PlannedTask[] | undefined>(undefined);
  useEffect(() => {
    if (!tasks) return;
    const was = before.current;
    const said = was && sayMoved(was, tasks);
    before.current = tasks;
    if (said) setMoves(({ log }) => ({ log: [said, ...log].slice(0, LOG_MOST), last: movedBy(was, tasks) }));
  }, [tasks]);
  return moves;
}
