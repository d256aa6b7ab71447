import type { CookStage } from "../formulation";
import { lasting } from "../quantity/said";
import type { WorkedDish } from "./dish";
import { byHand, type Step } from "./step";

/** A usual pan, mm² of its floor; pieces lie with a little air between. *Practice*: 28 cm. */
const PAN_MM2 = Math.PI * 140 ** 2;
const PACKED = 0.75;

/** Over a flame, or in as many pans as the pieces need: before the oven. */
export function searing({ input, sheet }: WorkedDish, stage: CookStage, id: string): Step {
  const { count } = input.pieces;
  if (stage.on === "flame")
    return byHand(
      id,
      "sear",
      Math.max(1, Math.round(stage.minutes)),
      `Over a flame, ${lasting(stage.minutes)}, turning`,
      "Char now, at the outside only.",
      {
        occupies: [{ what: "ring" }],
        look: "Blistered all round.",
      },
    );
  const { lengthMm, widthMm } = sheet.pieceSize;
  const fits = Math.max(1, Math.floor((PACKED * PAN_MM2) / (lengthMm * widthMm)));
  const perPan = Math.min(count, stage.perPan ?? fits);
  const pans = Math.ceil(count / perPan);
  const skin = (stage.skinDown ?? input.pieces.skin) ? "skin down first, " : "";
  const some = pans > 1 ? `${pans} panfuls of ${perPan}, ` : "";
  return byHand(
    id,
    "sear",
    Math.round(stage.minutes * pans),
    `Sear in a hot pan: ${skin}${some}${lasting(stage.minutes)} ${pans > 1 ? "each" : "in all"}`,
    "A crowded pan steams. Colour now; it will not come later under cover.",
    {
      occupies: [{ what: "ring" }],
      look: "Brown, and it lets go of the pan by itself.",
      figures: [
        { what: "panfuls", value: pans, unit: "pans" },
        { what: "each", value: stage.minutes, unit: "min" },
      ],
    },
  );
}
