"use client";

import { Hand } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { overByNow, type PlacedAct } from "./act-state";

interface Props {
  acts: readonly PlacedAct[];
  nowMs: number;
  onOver: (id: string) => void;
}

/**
 * For floury hands: an act whose minutes are over makes way for the next. What must be judged, measured or put in still
 * waits for a tap; what the timer passed is marked so, and can be taken back.
 */
export function HandsFree({ acts, nowMs, onOver }: Props) {
  const [on, setOn] = useState(false);
  const passed = useRef(new Set<string>());
  useEffect(() => {
    if (!on) return;
    for (const { id } of overByNow(acts, nowMs)) {
      // Once each: taken back, it waits for a tap.
      if (passed.current.has(id)) continue;
      passed.current.add(id);
      onOver(id);
    }
  }, [on, acts, nowMs, onOver]);
  return (
    <button type="button" className="btn min-h-11" aria-pressed={on} onClick={() => setOn(!on)}>
      <Hand size={20} aria-hidden />
      {on ? "Moving on by the clock" : "Hands full"}
    </button>
  );
}
