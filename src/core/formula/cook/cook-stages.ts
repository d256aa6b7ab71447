import type { CookStage } from "../../formulation";

/** Nothing is basted or turned so shortly before the end. *Practice*. */
const TEND_BEFORE_END_MIN = 5;

/** When a stage's food is basted or turned, minutes of the stage; one too short for it has none. */
export function tendedAt({ action, everyMin, minutes }: CookStage): number[] {
  if (action !== "baste" && action !== "turn") return [];
  const every = everyMin ?? (action === "turn" ? minutes / 2 : minutes);
  const times = Math.max(0, Math.floor((minutes - TEND_BEFORE_END_MIN) / every + 1e-9));
  return Array.from({ length: times }, (_, i) => every * (i + 1));
}

/** In the oven, and not in a pan or over a flame before it. */
export const isOven = (stage: CookStage): boolean => (stage.on ?? "oven") === "oven";
