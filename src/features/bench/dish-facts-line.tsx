import dynamic from "next/dynamic";
import type { DishFacts } from "@/core/formula/account/dish-facts";
import type { Formulated } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formulation";
import { fixed } from "@/ui/format";
import { allergenName } from "@/ui/names";
import { NotYet, orMissing } from "@/ui/or-missing";

interface Props {
  input: Formulation;
  sheet: Formulated;
  facts: DishFacts;
  change: (edit: (f: Formulation) => Formulation) => void;
}

/* Few dishes have chilli in them. */
const ChilliDial = dynamic(
  orMissing(async () => (await import("./chilli-dial")).ChilliDial),
  { loading: NotYet },
);

/** Allergens, alcohol, honey and heat of the dish, and the dial that turns its chilli up or down. */
export function DishFactsLine({ input, sheet, facts, change }: Props) {
  const { allergens, maybeAllergens, alcoholPerPortionG, heatUnits, heat } = facts;
  return (
    <section aria-label="What is in it" className="text-sm">
      <p>
        <span className="text-quiet">Allergens: </span>
        <strong data-fact="allergens">
          {allergens.length > 0 ? allergens.map(allergenName).join(", ") : "none in the tables"}
        </strong>
        {maybeAllergens.length > 0 && (
          <span className="text-quiet"> · by label: {maybeAllergens.map(allergenName).join(", ")}</span>
        )}
      </p>
      {alcoholPerPortionG > 0.05 && (
        <p>
          <span className="text-quiet">Alcohol put in: </span>
          <span className="figure">{fixed(alcoholPerPortionG, 1)}</span> g a portion
        </p>
      )}
      {heatUnits > 0 && <ChilliDial heat={heat} input={input} sheet={sheet} change={change} />}
    </section>
  );
}
