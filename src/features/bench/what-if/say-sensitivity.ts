import type { Sensitivity } from "@/core/formula/ensemble";
import { duration } from "@/ui/format";

const INPUT: Record<Sensitivity["input"], string> = {
  thickness: "2 mm thicker",
  diffusivity: "salt a fifth slower in this flesh",
  strength: "salt 5 % short",
  warmth: "1 °C warmer",
};

/** "2 mm thicker = 1 h 50 more". */
export function saySensitivity({ input, hoursMore }: Sensitivity): string {
  return `${INPUT[input]} = ${duration(Math.abs(hoursMore))} ${hoursMore >= 0 ? "more" : "less"}`;
}
