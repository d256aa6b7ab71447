import { Check } from "lucide-react";
import type { PlacedStep } from "@/core/program/at-work";
import { duration } from "@/ui/format";
import { Told, useUnits } from "@/ui/measures";
import * as words from "@/words/work/cards/act-card";

interface Props {
  act: PlacedStep;
  dish: string;
  nowMs: number;
  timeZone: string;
  onDone: () => void;
  onNotDone: () => void;
}

const HOUR_MS = 3_600_000;

/** The act in hand: readable a metre away, done with one tap. */
export function ActCard({ act, dish, nowMs, timeZone, onDone, onNotDone }: Props) {
  const units = useUnits();
  const untilH = (act.dueMs - nowMs) / HOUR_MS;
  const due = untilH <= 0;
  return (
    <article
      className={`rounded-sm border-l-8 bg-base-100 p-5 ${due ? "border-accent" : "border-primary"}`}
      aria-label={`${words.now(due)}: ${dish}: ${act.title}`}
      data-act={act.id}
    >
      <p className="text-lg text-quiet">
        <b className="text-base-content">{dish}</b> ·{" "}
        {due ? words.nowOfUntilH(untilH > -1 / 60, duration(-untilH)) : words.inTime(duration(untilH))} ·{" "}
        {units.when(act.dueMs, nowMs, timeZone)}
        {act.minutes.likely > 0 && ` · ${duration(act.minutes.likely / 60)}`}
      </p>
      <h2 className="my-2 text-4xl leading-tight">
        <Told>{act.title}</Told>
      </h2>
      {act.look && (
        <p className="text-2xl">
          <Told>{act.look}</Told>
        </p>
      )}
      <p className="mt-2 text-lg text-quiet">
        <Told>{act.why}</Told>
      </p>
      {act.late && due && untilH < -0.25 && (
        <p className="mt-2 border-l-4 border-warning pl-2 text-lg">
          <Told>{act.late}</Told>
        </p>
      )}
      <div className="mt-4 flex flex-wrap gap-3">
        <button
          type="button"
          className="btn btn-primary min-h-16 w-full text-2xl sm:w-auto sm:px-12"
          onClick={onDone}
        >
          <Check size={28} aria-hidden /> {words.done}
        </button>
        {due && (
          <button type="button" className="btn min-h-16 px-6 text-lg" onClick={onNotDone}>
            {words.wasNotDone}
          </button>
        )}
      </div>
    </article>
  );
}
