import { withChilliHeat } from "@/core/formula/account/chilli-heat";
import { HEATS, heatWord, type HeatName } from "@/core/formula/account/dish-facts";
import type { Formulated } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formulation";
import { Select } from "@/ui/choice";
import * as words from "@/words/bench/chilli-dial";

/** The middle of a heat, so that turning the dial comes out where it says. */
const DIAL_UNITS: Record<HeatName, number> = {
  none: 0.5,
  gentle: 8,
  mild: 25,
  medium: 75,
  hot: 220,
  fierce: 600,
};

interface Props {
  heat: HeatName;
  input: Formulation;
  sheet: Formulated;
  change: (edit: (f: Formulation) => Formulation) => void;
}

/** Turns the chilli of a dish up or down. */
export function ChilliDial({ heat, input, sheet, change }: Props) {
  return (
    <Select
      label={words.chilliHeat}
      value={heat}
      options={HEATS.map(({ name }) => ({ value: name, label: heatWord(name) }))}
      onChange={(wanted: HeatName) => change(() => withChilliHeat(input, sheet, DIAL_UNITS[wanted]))}
    />
  );
}
