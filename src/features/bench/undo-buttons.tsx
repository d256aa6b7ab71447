"use client";

import { Redo2, Undo2 } from "lucide-react";
import { useEffect } from "react";
import * as words from "@/words/bench/undo-buttons";

interface Props {
  undo: () => void;
  redo: () => void;
  canUndo: boolean;
  canRedo: boolean;
}

/** Back and forth through the changes of the draft; also Ctrl Z and Ctrl Shift Z where nothing is being typed. */
export function UndoButtons({ undo, redo, canUndo, canRedo }: Props) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing = (event.target as HTMLElement | null)?.closest("input, textarea, select, [role=dialog]");
      if (typing || event.key.toLowerCase() !== "z" || !(event.ctrlKey || event.metaKey)) return;
      event.preventDefault();
      if (event.shiftKey) redo();
      else undo();
    };
    document.addEventListener("keydown", onKey);
    return () => document.removeEventListener("keydown", onKey);
  }, [undo, redo]);
  const look = "btn btn-ghost min-h-11 min-w-11 px-2";
  return (
    <span className="flex print:hidden">
      <button
        type="button"
        className={look}
        aria-label={words.undoTheLastChange}
        disabled={!canUndo}
        onClick={undo}
      >
        <Undo2 size={18} aria-hidden />
      </button>
      <button
        type="button"
        className={look}
        aria-label={words.redoWhatWasUndone}
        disabled={!canRedo}
        onClick={redo}
      >
        <Redo2 size={18} aria-hidden />
      </button>
    </span>
  );
}
