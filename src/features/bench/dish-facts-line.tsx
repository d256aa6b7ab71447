import dynamic from "next/dynamic";
import type { DishFacts } from "@/core/formula/account/dish-facts";
import type { Formulated } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formulation";
import { fixed } from "@/ui/format";
import { allergenName } from "@/ui/names";
import { NotYet, orMissing } from "@/ui/or-missing";
import * as words from "@/words/bench/dish-facts-line";

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
    <section aria-label={words.whatIsInIt} className="text-sm">
      <p>
        <span className="text-quiet">{words.allergens} </span>
        <strong data-fact="allergens">
          {allergens.length > 0 ? allergens.map(allergenName).join(", ") : words.noneInTheTables}
        </strong>
        {maybeAllergens.length > 0 && (
          <span className="text-quiet"> {words.byLabel(maybeAllergens.map(allergenName).join(", "))}</span>
        )}
      </p>
      {alcoholPerPortionG > 0.05 && (
        <p>
          {words.gAPortion(
            <span className="text-quiet">{words.alcoholPutIn} </span>,
            <span className="figure">{fixed(alcoholPerPortionG, 1)}</span>,
          )}
        </p>
      )}
      {heatUnits > 0 && <ChilliDial heat={heat} input={input} sheet={sheet} change={change} />}
    </section>
  );
}
