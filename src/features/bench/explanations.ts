import type { Explanation } from "@/ui/explanation";
import { whyFlesh, whyMean, whyReady, whySodium, whyStrength, whyWater } from "./explain";
import { whyCoat, whyCrust, whySour } from "./explain-mixture";
import { whySalt } from "./explain-salt";
import type { Worked } from "./worked";

/** Every figure of the Bench that can be asked why, and who answers. */
export const EXPLANATIONS = {
  flesh: whyFlesh,
  water: whyWater,
  salt: whySalt,
  mean: whyMean,
  ready: whyReady,
  sodium: whySodium,
  strength: whyStrength,
  crust: whyCrust,
  sour: whySour,
  coat: whyCoat,
} satisfies Record<string, (worked: Worked) => Explanation>;

export type Figure = keyof typeof EXPLANATIONS;
