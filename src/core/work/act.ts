export type ActKind =
  | "inspect"
  | "thaw"
  | "clean"
  | "weighOut"
  | "mix"
  | "chill"
  | "goIn"
  | "turn"
  | "ice"
  | "liftOut"
  | "finish"
  | "dry"
  | "season"
  | "preheat"
  | "cook"
  | "tend"
  | "probe"
  | "rest"
  | "serve"
  | "store";

/** One thing to do, and when: minutes from the moment the food goes in, negative before it. */
export interface Act {
  id: string;
  kind: ActKind;
  title: string;
  why: string;
  /** What to look for. */
  look?: string;
  atMin: number;
  minutes: number;
  /** Somebody stands by it. */
  handsOn: boolean;
}
