import { HEATS, withHeat, type DishFacts } from "@/core/formula/dish-facts";
import type { Formulated } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formula/model";
import { fixed } from "@/ui/format";
import { allergenName } from "@/ui/names";
import { Select } from "@/ui/choice";

interface Props {
  input: Formulation;
  sheet: Formulated;
  facts: DishFacts;
  change: (edit: (f: Formulation) => Formulation) => void;
}

type Dial = (typeof HEATS)[number]["name"];

/** The middle of a heat, so that turning the dial comes out where it says. */
const DIAL_UNITS: Record<Dial, number> = {
  none: 0.5,
  gentle: 8,
  mild: 25,
  medium: 75,
  hot: 220,
  fierce: 600,
};

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
      {heatUnits > 0 && (
        <Select
          label="Chilli heat"
          value={heat}
          options={HEATS.map(({ name }) => ({ value: name, label: name }))}
          onChange={(wanted: Dial) => change(() => withHeat(input, sheet, DIAL_UNITS[wanted]))}
        />
      )}
    </section>
  );
}
