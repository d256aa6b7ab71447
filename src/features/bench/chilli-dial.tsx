import { withChilliHeat } from "@/core/formula/account/chilli-heat";
import { HEATS, type HeatName } from "@/core/formula/account/dish-facts";
import type { Formulated } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formulation";
import { Select } from "@/ui/choice";

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
      label="Chilli heat"
      value={heat}
      options={HEATS.map(({ name }) => ({ value: name, label: name }))}
      onChange={(wanted: HeatName) => change(() => withChilliHeat(input, sheet, DIAL_UNITS[wanted]))}
    />
  );
}
