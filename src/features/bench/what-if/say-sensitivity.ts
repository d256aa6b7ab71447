import type { Sensitivity } from "@/core/formula/soak/ensemble";
import { duration } from "@/ui/format";
import * as words from "@/words/bench/what-if/say-sensitivity";

const INPUT: Record<Sensitivity["input"], string> = words.input;

/** "2 mm thicker takes 1 h 50 longer". */
export function saySensitivity({ input, hoursMore }: Sensitivity): string {
  return words.takesLonger({
    input: INPUT[input],
    time: duration(Math.abs(hoursMore)),
    hoursMore,
  });
}
