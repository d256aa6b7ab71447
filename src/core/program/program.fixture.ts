import { cookOf } from "../formula/cook/cook";
import { worked } from "../formula/formulation.fixture";
import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formulation";
import type { WorkedDish } from "./dish";
import { exitsOf, type Exit } from "./exits";
import type { Step, Tie } from "./step";

/** A dish as its program is derived from it. */
export function dishOf(input: Formulation, change: Partial<WorkedDish> = {}): WorkedDish {
  const sheet = worked(input);
  return {
    input,
    sheet,
    cook: cookOf(input, sheet.food),
    exits: exitsOnce(input, sheet),
    soakH: input.pullH,
    ...change,
  };
}

const known = new WeakMap<Formulated, Exit[]>();

/** A sheet is one object an input: its exits are worked out once with it. */
function exitsOnce(input: Formulation, sheet: Formulated): Exit[] {
  const exits = known.get(sheet) ?? exitsOf(input, sheet);
  known.set(sheet, exits);
  return exits;
}

/** "soak start, turn_8 start: 240 to 720, wants 480, gently, soak's wish". */
export function tied({ before, from, after, to, leastMin, mostMin, wantedMin, gently, wish }: Tie): string {
  const span = mostMin === undefined ? `${leastMin} or more` : `${leastMin} to ${mostMin}`;
  return [
    `${before} ${from}, ${after} ${to}: ${span}`,
    ...(wantedMin === undefined ? [] : [`wants ${wantedMin}`]),
    ...(gently ? ["gently"] : []),
    ...(wish ? [`${wish}'s wish`] : []),
  ].join(", ");
}

/** "lift_out at 1080, 5 min": with least and most where they differ, and the hands where they are not all of it. */
export function timed({ id, atMin, minutes: { least, likely, most }, handsMin }: Step): string {
  const span = least === most ? `${likely} min` : `${least}/${likely}/${most} min`;
  return `${id} at ${atMin}, ${span}${handsMin === likely ? "" : `, hands ${handsMin}`}`;
}

/** "oven 180 + tray". */
export const held = ({ occupies }: Pick<Step, "occupies">): string =>
  occupies
    .map((o) => [o.what, ...("airC" in o ? [o.airC] : []), ...("litres" in o ? [o.litres] : [])].join(" "))
    .join(" + ");

/** The step of that id. @throws where there is none */
export function stepIn(steps: readonly Step[], id: string): Step {
  const found = steps.find((s) => s.id === id);
  if (!found) throw new Error(`no step "${id}" among ${steps.map((s) => s.id).join(", ")}`);
  return found;
}
