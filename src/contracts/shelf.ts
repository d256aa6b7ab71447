import type { BatchView, KitchenView } from "./views";

/** Something to be done by hand, of a batch that is running or of a sitting that is planned. */
export interface ShelfAct {
  id: string;
  /** Everybody's clock. */
  atMs: number;
  title: string;
  dish: string;
  /** Where it is seen to. */
  href: string;
}

/** A sitting that is still to be eaten. */
export interface SittingSoon {
  id: string;
  name: string;
  tableMs: number;
  dishes: string[];
  /** As its plan stands; undecided where nobody has opened it yet. */
  state: "fits" | "late" | "clash" | "undecided";
  /** Rehearsed on a clock of its own, and gone when it is over. */
  rehearsal: boolean;
}

/** Food that was lifted out and is still to be cooked. */
export interface KeptFood {
  batchId: string;
  /** Raw it is to be cooked by then; null where no table says, or it is in the heat by now. */
  useByMs: number | null;
  /** In the heat or at the table, by what was ticked off. */
  wentOn: boolean;
}

export interface ShelfView {
  kitchen: KitchenView;
  running: BatchView[];
  finished: BatchView[];
  acts: ShelfAct[];
  sittings: SittingSoon[];
  kept: KeptFood[];
  /** Litres of the fridge that soaking food takes, of those there are. */
  fridge: { usedL: number; ofL: number };
  empty: boolean;
  nowMs: number;
}
