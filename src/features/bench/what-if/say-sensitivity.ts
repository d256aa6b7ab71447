import type { Sensitivity } from "@/core/formula/soak/ensemble";
import { duration } from "@/ui/format";

const INPUT: Record<Sensitivity["input"], string> = {
  thickness: "2 mm thicker, it",
  spacing: "with stabs 15 % further apart, it",
  diffusivity: "if salt moves a fifth slower, it",
  strength: "with 5 % less salt, it",
  warmth: "1 °C warmer, it",
};

/** "2 mm thicker takes 1 h 50 longer". */
export function saySensitivity({ input, hoursMore }: Sensitivity): string {
  return `${INPUT[input]} takes ${duration(Math.abs(hoursMore))} ${hoursMore >= 0 ? "longer" : "less"}`;
}
