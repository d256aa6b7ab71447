import type { VesselMaterial, VesselShape } from "@/core/vessel/vessel";

/* What vessels are made of, and what their measures are called. */

export const MATERIALS: { value: VesselMaterial; label: string }[] = [
  { value: "food_plastic", label: "food-grade plastic" },
  { value: "stainless", label: "stainless steel" },
  { value: "glass", label: "glass" },
  { value: "glazed_ceramic", label: "glazed ceramic" },
  { value: "enamelled", label: "enamelled, unchipped" },
  { value: "aluminium", label: "aluminium" },
  { value: "bare_iron", label: "bare iron" },
  { value: "copper", label: "copper" },
  { value: "unknown_plastic", label: "plastic, not marked for food" },
];

/** What each shape's three measures are called. */
export const MEASURES: Record<VesselShape, Partial<Record<"lengthMm" | "widthMm" | "heightMm", string>>> = {
  cylinder: { lengthMm: "Inside width", heightMm: "Inside height" },
  pail: { lengthMm: "Width at the rim", widthMm: "Width at the floor", heightMm: "Inside height" },
  box: { lengthMm: "Inside length", widthMm: "Inside width", heightMm: "Inside height" },
  cooler: { lengthMm: "Inside length", widthMm: "Inside width", heightMm: "Inside height" },
  tray: { lengthMm: "Inside length", widthMm: "Inside width", heightMm: "Inside height" },
  bag: { lengthMm: "Flat, long", widthMm: "Flat, wide", heightMm: "Filled, high" },
};
