import type { ReactNode } from "react";
export const saltEaterByEater = (eatersCount: ReactNode) => <>Salt, eater by eater {eatersCount}</>;
export const salt = (who: string) => `Salt, ${who}`;
export const takeOut = (who: string) => `Take ${who} out`;
export const whoTable2TheBaby = "Who (table 2, the baby)";
export const add = "Add";
export const isThereAlready = (name: string) => `${name} is there already.`;
