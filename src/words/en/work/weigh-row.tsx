import type { ReactNode } from "react";
export const to = (lowG: string, highG: string) => `${lowG} to ${highG}`;
export const scaleReadsBowlAndAll = (tareG: number) =>
  tareG > 0 ? "Scale reads, bowl and all" : "Scale reads";
export const anotherJugGAreIn = (entryValue: string) => `Another jug: ${entryValue} g are in`;
export const pour = (lineName: string) => `Pour ${lineName}`;
export const pourIt = "Pour it";
export const take = (grams: ReactNode) => <>Take {grams}</>;
export const right = "right";
export const gOver = ({ off, over, toGo }: { off: number; over: string; toGo: string }) =>
  off > 0 ? `${over} g over` : `${toGo} g to go`;
