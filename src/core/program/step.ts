/**
 * One program for each dish: what is done, in order, with the figures it needs. Derived once; the cards at work, the sitting,
 * paper, files and calendar all read it.
 */

export type StepKind =
  | "thaw"
  | "inspect"
  | "clean"
  | "apart"
  | "weighOut"
  | "mix"
  | "reserve"
  | "chill"
  | "saltFirst"
  | "goIn"
  | "soak"
  | "turn"
  | "ice"
  | "takeOut"
  | "finish"
  | "boil"
  | "dry"
  | "temper"
  | "season"
  | "preheat"
  | "sear"
  | "cook"
  | "tend"
  | "probe"
  | "ovenOut"
  | "rest"
  | "beside"
  | "serve"
  | "stock"
  | "store";

/** A figure that a step needs: "fine sea salt, 112 g". */
export interface Figure {
  what: string;
  value: number;
  unit: "g" | "mm" | "°C" | "min" | "h" | "L" | "%" | "whites" | "pans";
}

/** Something a step holds while it lasts. */
export type Occupies =
  | { what: "fridge"; litres: number }
  | { what: "cooler" }
  | { what: "vessel" }
  | { what: "tray" }
  | { what: "ring" }
  | { what: "oven"; airC: number };

/** What ends a step: its minutes, a core temperature, or what is looked for. */
export type EndsBy =
  | { by: "time" }
  | { by: "core"; channel: string; outC: number; endC: number }
  | { by: "look" };

export interface Step {
  /** The same in every view and every version; acts confirmed at work are kept under it. */
  id: string;
  kind: StepKind;
  title: string;
  why: string;
  /** How a recipe for others says it, where its title would not do. */
  forOthers?: string;
  /** What to look for. */
  look?: string;
  figures: Figure[];
  /** Minutes from the food going in, on the cook's own hours; negative before it. */
  atMin: number;
  minutes: { least: number; likely: number; most: number };
  /** So long from its start hands are needed; 0 for what goes by itself and is not ticked off. */
  handsMin: number;
  occupies: Occupies[];
  ends: EndsBy;
  /** What is unsafe, or spoiled, when it is done late. */
  late?: string;
  /** Which part of a joint taken apart; left out: the whole. */
  part?: string;
}

export type End = "start" | "end";

/** How two steps are tied: from one end of a step to an end of another. */
export interface Tie {
  before: string;
  from: End;
  after: string;
  to: End;
  leastMin: number;
  mostMin?: number | undefined;
  /** Just so long where nothing stands against it. */
  wantedMin?: number;
  /** Wanted, and little lost where it is not so: a turn at its hour, one act on the heels of another. */
  gently?: true;
  /** Whose wish it is, where it may be let go: hours of the soak, looks at the ice. */
  wish?: "soak" | "ice";
}

export interface Program {
  steps: Step[];
  ties: Tie[];
  /** Hours the soak was taken to last; a crust's bake. */
  soakH: number;
  /** Minutes of getting ready before the food goes in, thawing apart. */
  readyMin: number;
  /** When it is served, min from going in. */
  tableMin: number;
}

/** Ticked off by a hand. */
export const isAct = (step: Pick<Step, "handsMin">): boolean => step.handsMin > 0;

/** What is ticked off by a hand. */
export const actsIn = (program: Program): Step[] => program.steps.filter(isAct);

type Extra = Partial<Omit<Step, "id" | "kind" | "title" | "why">>;

/** A step by hand: somebody stands by it all the time it takes. */
export const byHand = (
  id: string,
  kind: StepKind,
  minutes: number,
  title: string,
  why: string,
  extra: Extra = {},
): Step => ({
  id,
  kind,
  title,
  why,
  figures: [],
  atMin: 0,
  minutes: { least: minutes, likely: minutes, most: minutes },
  handsMin: minutes,
  occupies: [],
  ends: { by: extra.look ? "look" : "time" },
  ...extra,
});

/** A step begun by hand that then goes on by itself. */
export const begun = (
  id: string,
  kind: StepKind,
  minutes: number,
  title: string,
  why: string,
  extra: Extra = {},
): Step => ({
  ...byHand(id, kind, minutes, title, why, extra),
  handsMin: Math.min(2, minutes),
  ...handsOf(extra),
});

/** What goes by itself and is not ticked off: it ends when the next thing begins. */
export const byItself = (
  id: string,
  kind: StepKind,
  minutes: number,
  title: string,
  why: string,
  extra: Extra = {},
): Step => ({ ...byHand(id, kind, minutes, title, why, extra), handsMin: 0 });

const handsOf = (extra: Extra) => (extra.handsMin === undefined ? {} : { handsMin: extra.handsMin });

/** What stands in the oven stands on a tray. */
export const inHeat = (airC: number): Occupies[] => [{ what: "oven", airC }, { what: "tray" }];

/** Acts inside a cook may be so far off, where hands are wanted elsewhere. */
export const TEND_SLACK_MIN = 4;
