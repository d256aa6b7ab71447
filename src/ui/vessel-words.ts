import type { VesselShape } from "@/core/vessel/vessel";

/** What vessels are called. */
export const VESSEL_SHAPES: { value: VesselShape; label: string }[] = [
  { value: "cylinder", label: "round" },
  { value: "pail", label: "a pail" },
  { value: "box", label: "box or dish" },
  { value: "bag", label: "a bag" },
  { value: "cooler", label: "a cooler" },
  { value: "tray", label: "a tray" },
];
