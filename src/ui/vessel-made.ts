import type { VesselMaterial, VesselShape } from "@/core/vessel/vessel";
import * as words from "@/words/ui/vessel-made";

/* What vessels are made of, and what their measures are called. */

export const MATERIALS: { value: VesselMaterial; label: string }[] = [
  { value: "food_plastic", label: words.foodGradePlastic },
  { value: "stainless", label: words.stainlessSteel },
  { value: "glass", label: words.glass },
  { value: "glazed_ceramic", label: words.glazedCeramic },
  { value: "enamelled", label: words.enamelledUnchipped },
  { value: "aluminium", label: words.aluminium },
  { value: "bare_iron", label: words.bareIron },
  { value: "copper", label: words.copper },
  { value: "unknown_plastic", label: words.plasticNotMarkedForFood },
];

/** What each shape's three measures are called. */
export const MEASURES: Record<
  VesselShape,
  Partial<Record<"lengthMm" | "widthMm" | "heightMm", string>>
> = words.measures;
