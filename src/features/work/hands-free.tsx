"use client";

import { Hand } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { overByNow } from "@/core/program/at-work";
import type { DishAtWork } from "./dish-at-work";
import * as words from "@/words/work/hands-free";

interface Props {
  dishes: readonly DishAtWork[];
  onOver: (dish: DishAtWork, id: string) => void;
}

/**
 * For floury hands: an act whose minutes are over makes way for the next. What must be judged, measured, put in or taken out still
 * waits for a tap; what the timer passed is marked so, and can be taken back.
 */
export function HandsFree({ dishes, onOver }: Props) {
  const [on, setOn] = useState(false);
  const passed = useRef(new Set<string>());
  useEffect(() => {
    if (!on) return;
    for (const dish of dishes)
      for (const { id } of overByNow(dish.at, dish.nowMs)) {
        const key = `${dish.key}/${id}`;
        // Once each: taken back, it waits for a tap.
        if (passed.current.has(key)) continue;
        passed.current.add(key);
        onOver(dish, id);
      }
  }, [on, dishes, onOver]);
  return (
    <button type="button" className="btn min-h-11" aria-pressed={on} onClick={() => setOn(!on)}>
      <Hand size={20} aria-hidden />
      {words.movingOnByTheClock(on)}
    </button>
  );
}
