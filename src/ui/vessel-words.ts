import type { VesselShape } from "@/core/vessel/vessel";
import * as words from "@/words/ui/vessel-words";

/** What vessels are called. */
export const VESSEL_SHAPES: { value: VesselShape; label: string }[] = [
  { value: "cylinder", label: words.round },
  { value: "pail", label: words.aPail },
  { value: "box", label: words.boxOrDish },
  { value: "bag", label: words.aBag },
  { value: "cooler", label: words.aCooler },
  { value: "tray", label: words.aTray },
];
