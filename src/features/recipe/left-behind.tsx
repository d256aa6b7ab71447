import type { LeftBehind, LeftBehindWhy } from "@/core/recipe/left-behind";

const WHY: Record<LeftBehindWhy, string> = {
  setAside: "is kept aside: the Bench keeps a share of the mixture back and weighs nothing twice.",
  leftOut: "is left out, as you chose.",
  tooManyLines: "is one line more than a formula holds.",
  iceIsWater: "counts as water of the brine; the Bench shows how to chill with ice.",
  standsWarm: "is a soak at room temperature; the formula keeps it in the fridge.",
  tooManyStages: "is one stage more than a formula holds.",
  secondCore: "is a second core; the formula cooks to the first.",
};

/** What does not go along, told before it is made. */
export function LeftBehindList({ left }: { left: readonly LeftBehind[] }) {
  if (left.length === 0) return null;
  return (
    <section aria-label="Not carried into the formula" className="pb-3">
      <h3 className="text-xl">Not carried into the formula</h3>
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
