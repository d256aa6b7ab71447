export type VesselMaterial =
  | "stainless"
  | "food_plastic"
  | "glass"
  | "glazed_ceramic"
  | "enamelled"
  | "aluminium"
  | "bare_iron"
  | "copper"
  | "unknown_plastic";

export interface Vessel {
  shape: "cylinder" | "box";
  /** Diameter of a cylinder, inside length of a box, mm. */
  lengthMm: number;
  /** Inside width of a box, mm; a cylinder ignores it. */
  widthMm: number;
  heightMm: number;
  material: VesselMaterial;
  /** A plate or bag of water holds the food under. */
  plate: boolean;
}
