import type { FaultId } from "../preparations/faults";
import * as words from "@/words/core/journal/outcome";

export type { FaultId } from "../preparations/faults";

/** How a batch turned out, as the eaters found it. Every judgement may be left out. */
export interface Judged {
  /** −2 far too little salt, 0 right, +2 far too much. */
  salt?: number | undefined;
  /** −2 only the outside seasoned, +2 even through. */
  evenness?: number | undefined;
  /** −2 mushy or rubbery, +2 just right. */
  texture?: number | undefined;
  /** −2 dry, +2 juicy. */
  juiciness?: number | undefined;
  /** Skin or crust: −2 limp, cracked or stuck, +2 as it should be. */
  surface?: number | undefined;
  /** −2 far too late at the table, +2 on the minute. */
  timing?: number | undefined;
  /** Faults seen, by their ids. */
  faults: FaultId[];
  words: string;
  /** What single eaters said of the salt: "table 2", "the baby"; no names asked for. */
  eaters?: { who: string; salt: number }[] | undefined;
}

/** Salt as judged: the cook's own word, or else the mean of the eaters'. */
export function judgedSalt({ salt, eaters }: Judged): number | undefined {
  if (salt !== undefined || !eaters?.length) return salt;
  return eaters.reduce((sum, e) => sum + e.salt, 0) / eaters.length;
}

export const FAULT_NAME: Record<FaultId, string> = words.faultName;
