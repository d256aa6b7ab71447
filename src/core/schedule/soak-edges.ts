import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formulation";
import { described, isBaked } from "../preparations";
import type { SoakEdges } from "./dishes";

const HOUR = 60;
/** Where no window is reached within practice's limit the cook's own hours stretch so far, give or take. */
const OWN_SLACK_MIN = 2 * HOUR;

/** Brines forgive; what stands in acid, paste, rub or cure is held to its hours unless the cook lets it stretch. */
export const stretchesByDefault = ({ preparation }: Pick<Formulation, "preparation">): boolean =>
  described(preparation).stretches;

/** Whether a plan may move the hours. */
export const mayStretch = (input: Pick<Formulation, "preparation" | "hours">): boolean =>
  !isBaked(input) && (input.hours ? input.hours.mode === "stretch" : stretchesByDefault(input));

/**
 * How short and how long a soak may be planned, min. Held: just the cook's hours. Stretching: between the cook's own edges,
 * or from as soon as it is ready to as long as it keeps; the wanted hours are always among them.
 * @param soakH the hours wanted
 */
export function soakEdges(input: Formulation, sheet: Formulated, soakH: number): SoakEdges {
  const preferMin = Math.round(soakH * HOUR);
  if (!mayStretch(input)) return { minMin: preferMin, preferMin, maxMin: preferMin };
  const { ready, past } = sheet.soak.window;
  const own = input.hours?.mode === "stretch" ? input.hours : undefined;
  const least = own?.leastH ?? ready.likely;
  const most = own?.mostH ?? past.likely;
  const minMin = least === undefined ? preferMin - OWN_SLACK_MIN : Math.ceil(least * HOUR);
  const maxMin = most === undefined ? preferMin + OWN_SLACK_MIN : Math.floor(most * HOUR);
  return {
    minMin: Math.max(0, Math.min(minMin, preferMin)),
    preferMin,
    maxMin: Math.max(maxMin, preferMin),
  };
}
