import type { LeftBehind, LeftBehindWhy } from "@/core/recipe/left-behind";
import * as wording from "@/words/recipe/left-behind";

const WHY: Record<LeftBehindWhy, string> = wording.why;

/** What does not go along, told before it is made. */
export function LeftBehindList({ left }: { left: readonly LeftBehind[] }) {
  if (left.length === 0) return null;
  return (
    <section aria-label={wording.notCarriedIntoTheFormula} className="pb-3">
      <h3 className="text-xl">{wording.notCarriedIntoTheFormula}</h3>
      <ul className="mt-1 space-y-1">
        {left.map(({ why, words }) => (
          <li key={`${why}-${words}`} className="border-l-2 border-line pl-2">
            <q>{words}</q> <span className="text-quiet">{WHY[why]}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
