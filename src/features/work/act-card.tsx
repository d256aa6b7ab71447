import { Check } from "lucide-react";
import { duration, whenFrom } from "@/ui/format";
import type { PlacedAct } from "./act-state";
import { Also } from "@/ui/measures";

interface Props {
  act: PlacedAct;
  nowMs: number;
  timeZone: string;
  onDone: () => void;
}

const HOUR_MS = 3_600_000;

/** The act in hand: readable a metre away, done with one tap. */
export function ActCard({ act, nowMs, timeZone, onDone }: Props) {
  const untilH = (act.dueMs - nowMs) / HOUR_MS;
  const due = untilH <= 0;
  return (
    <article
      className={`border-l-8 bg-base-100 p-5 ${due ? "border-accent" : "border-primary"}`}
      aria-label={`Now: ${act.title}`}
      data-act={act.id}
    >
      <p className="text-lg text-quiet" aria-live="polite">
        {due ? (untilH > -1 / 60 ? "now" : `due ${duration(-untilH)} ago`) : `in ${duration(untilH)}`} ·{" "}
        {whenFrom(act.dueMs, nowMs, timeZone)}
        {act.minutes > 0 && ` · ${duration(act.minutes / 60)}`}
      </p>
      <h2 className="my-2 text-4xl leading-tight">
        <Also>{act.title}</Also>
      </h2>
      {act.look && (
        <p className="text-2xl">
          <Also>{act.look}</Also>
        </p>
      )}
      <p className="mt-2 text-lg text-quiet">
        <Also>{act.why}</Also>
      </p>
      <button
        type="button"
        className="btn btn-primary mt-4 min-h-16 w-full text-2xl sm:w-auto sm:px-12"
        onClick={onDone}
      >
        <Check size={28} aria-hidden /> Done
      </button>
    </article>
  );
}
