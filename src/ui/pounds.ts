import { formatQuantity } from "format-quantity";
import { MASS_G } from "@/core/quantity/units";

/** A mass as an American scale has it, to the quarter ounce under a pound and the ounce above: "2 lb 5 oz". @param massG 0 or more */
export function poundsOf(massG: number): string {
  const ounces = massG / MASS_G.oz;
  if (ounces < 16) return `${formatQuantity(Math.round(ounces * 4) / 4, true) || "0"} oz`;
  const whole = Math.round(ounces);
  const rest = whole % 16;
  return rest === 0 ? `${Math.floor(whole / 16)} lb` : `${Math.floor(whole / 16)} lb ${rest} oz`;
}
