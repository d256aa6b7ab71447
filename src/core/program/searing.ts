import type { CookStage } from "../formulation";
import { lasting } from "../quantity/said";
import type { WorkedDish } from "./dish";
import { byHand, type Step } from "./step";
import * as words from "@/words/core/program/searing";

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
      words.overAFlameTurning(lasting(stage.minutes)),
      words.charNowAtTheOutside,
      {
        occupies: [{ what: "ring" }],
        look: words.blisteredAllRound,
      },
    );
  const { lengthMm, widthMm } = sheet.pieceSize;
  const fits = Math.max(1, Math.floor((PACKED * PAN_MM2) / (lengthMm * widthMm)));
  const perPan = Math.min(count, stage.perPan ?? fits);
  const pans = Math.ceil(count / perPan);
  const skin = (stage.skinDown ?? input.pieces.skin) ? words.skinDownFirst : "";
  const some = pans > 1 ? words.panfulsOf(pans, perPan) : "";
  return byHand(
    id,
    "sear",
    Math.round(stage.minutes * pans),
    words.searInAHotPan({ skin, some, minutes: lasting(stage.minutes), pans }),
    words.aCrowdedPanSteamsColour,
    {
      occupies: [{ what: "ring" }],
      look: words.brownAndItLetsGo,
      figures: [
        { what: words.panfuls, value: pans, unit: "pans" },
        { what: words.each, value: stage.minutes, unit: "min" },
      ],
    },
  );
}
