import type { CookStage } from "./model";

/** Pans and flames come before it. */
export const isOven = (stage: CookStage): boolean => (stage.on ?? "oven") === "oven";
