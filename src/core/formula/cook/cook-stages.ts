import type { CookStage } from "../../formulation";

/** In the oven, and not in a pan or over a flame before it. */
export const isOven = (stage: CookStage): boolean => (stage.on ?? "oven") === "oven";
