import { Undo2 } from "lucide-react";
import { whenFrom } from "@/ui/format";
import type { PlacedAct } from "./act-state";
import { Also } from "@/ui/measures";

interface Props {
  acts: readonly PlacedAct[];
  nowMs: number;
  timeZone: string;
  onShow: (id: string) => void;
  onUndo: (id: string) => void;
}

/** Acts by time; a tap shows one large, a done one can be taken back. */
export function ActList({ acts, nowMs, timeZone, onShow, onUndo }: Props) {
  return (
    <ol>
      {acts.map((act) => (
        <li key={act.id} className="flex items-center gap-2 border-b border-line" data-listed={act.id}>
          <button
            type="button"
            className="flex min-h-12 flex-1 cursor-pointer items-baseline gap-3 py-3 text-left"
            onClick={() => onShow(act.id)}
          >
            <span className="figure w-24 shrink-0 text-sm">
              {whenFrom(act.doneMs ?? act.dueMs, nowMs, timeZone)}
            </span>
            <span className={act.doneMs === undefined ? "" : "line-through decoration-line"}>
              <Also>{act.title}</Also>
            </span>
          </button>
          {act.doneMs !== undefined && (
            <button
              type="button"
              className="btn btn-ghost min-h-11"
              aria-label={`Not done: ${act.title}`}
              onClick={() => onUndo(act.id)}
            >
              <Undo2 size={18} aria-hidden />
            </button>
          )}
        </li>
      ))}
    </ol>
  );
}
