import { useEffect, useRef, useState } from "react";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { sayMoved } from "./say";

const LOG_MOST = 8;

/** What moved since the page was opened, newest first. */
export function useMoves(tasks: readonly PlannedTask[] | undefined): string[] {
  const [log, setLog] = useState<string[]>([]);
  const last = useRef<readonly PlannedTask[] | undefined>(undefined);
  useEffect(() => {
    if (!tasks) return;
    const said = last.current && sayMoved(last.current, tasks);
    last.current = tasks;
    if (said) setLog((l) => [said, ...l].slice(0, LOG_MOST));
  }, [tasks]);
  return log;
}
