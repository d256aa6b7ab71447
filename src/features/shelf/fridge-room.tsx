import { fixed } from "@/ui/format";
import { useTold } from "@/ui/measures";
import * as words from "@/words/shelf/fridge-room";

/** How much of the fridge soaking food takes. */
export function FridgeRoom({ usedL, ofL }: { usedL: number; ofL: number }) {
  const told = useTold();
  const full = usedL > ofL;
  return (
    <section aria-label={words.fridge} className="mt-6">
      <p className="flex items-baseline justify-between">
        <span className="font-display text-xl font-bold">{words.fridge}</span>
        <span className={full ? "font-bold text-error" : ""}>
          {words.usedOfRoom(
            <span className="figure text-lg">{told(`${fixed(usedL, 0)} L`)}</span>,
            <span className="figure">{told(`${fixed(ofL, 0)} L`)}</span>,
          )}
        </span>
      </p>
      <div className="mt-1 h-3 border border-base-content" aria-hidden>
        <div
          className={`h-full ${full ? "bg-error" : "bg-primary"}`}
          style={{ width: `${ofL > 0 ? Math.min(100, (100 * usedL) / ofL) : 100}%` }}
        />
      </div>
      {full && <p className="text-sm text-error">{words.moreThanThereIsPart}</p>}
    </section>
  );
}
