import type { Of, PreparationDescriptor } from "./descriptor";
import { WET, WET_WORDS } from "./equilibrium";
import * as words from "@/words/core/preparations/timed";

export const timed: PreparationDescriptor<Of<"wetBrine">> = {
  ...WET,
  words: {
    ...WET_WORDS,
    name: words.timedBrine,
    noun: words.timedBrine,
    choice: { label: words.timed, note: words.wetStrongWatchIt },
    way: words.way,
  },
  settles: { hours: false, strength: false },
  // *Practice*: more makes the outside salty.
  strongest: 0.12,
  fuss: 2,
  offered: (targetFraction) => ({
    kind: "wetBrine",
    school: "timed",
    strength: { basis: "percent", saltFraction: 0.06 },
    targetFraction,
  }),
  usualH: { meat: 12, seafood: 0.5 },
};
