import type { Kept } from "./use-sitting";
import * as words from "@/words/sitting/kept-note";

interface Props {
  kept: Kept;
  onTakeTheirs: () => void;
  onKeepMine: () => void;
}

/** Whether what is shown is saved; and where two devices changed it, which is to stand. */
export function KeptNote({ kept, onTakeTheirs, onKeepMine }: Props) {
  if (kept === "kept" || kept === "keeping")
    return (
      <p className="text-sm text-quiet" role="status">
        {words.saved(kept)}
      </p>
    );
  return (
    <div className="border-l-8 border-warning bg-base-100 p-2" role="alert">
      <p>{kept.problem}</p>
      {kept.conflict && (
        <div className="mt-1 flex gap-2">
          <button type="button" className="btn min-h-11" onClick={onTakeTheirs}>
            {words.takeTheirs}
          </button>
          <button type="button" className="btn min-h-11" onClick={onKeepMine}>
            {words.saveMineOverIt}
          </button>
        </div>
      )}
    </div>
  );
}
