import { duration } from "@/ui/format";
import * as words from "@/words/shelf/countdown";

/** The time to an act, large; an act overdue says so. */
export function Countdown({ toMs, nowMs }: { toMs: number; nowMs: number }) {
  const hours = (toMs - nowMs) / 3_600_000;
  const late = hours < 0;
  return (
    <p className={`figure text-[1.75rem] leading-tight whitespace-nowrap ${late ? "text-accent" : ""}`}>
      <span className="sr-only">{words.overdueBy(late)} </span>
      {duration(Math.abs(hours))}
      {late && <span className="ml-1 font-sans text-base">{words.late}</span>}
    </p>
  );
}
