import { z } from "zod";
import { ranged } from "../quantity/ranged";

export const vesselSchema = z.strictObject({
  shape: z.enum(["cylinder", "pail", "box", "cooler", "tray", "bag"]),
  /** Diameter of a cylinder, of a pail at its rim, inside length of a box; a bag's longer side laid flat, mm. */
  lengthMm: ranged("vesselMm"),
  /** Inside width of a box, a pail's diameter at its floor, a bag's shorter side, mm; a cylinder ignores it. */
  widthMm: ranged("vesselMm"),
  heightMm: ranged("vesselMm"),
  material: z.enum([
    "stainless",
    "food_plastic",
    "glass",
    "glazed_ceramic",
    "enamelled",
    "aluminium",
    "bare_iron",
    "copper",
    "unknown_plastic",
  ]),
  /** A plate or bag of water holds the food under. */
  plate: z.boolean(),
});
