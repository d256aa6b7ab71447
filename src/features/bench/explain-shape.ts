import type { FleshBody } from "@/core/diffusion/flesh-body";
import { FLESH_SIDE_SHARE, saltedFaces } from "@/core/formula/weigh/salted-faces";
import type { Pieces } from "@/core/formulation";
import type { PieceSize } from "@/core/vessel/piece-size";
import { fixed, percent } from "@/ui/format";
import type { Worked } from "./worked";
import * as words from "@/words/bench/explain-shape";

/** What of the cook's shape goes its own way; nothing where one distance tells all. */
function sayTaken(
  { shape, thicknessMm, faces }: Pieces,
  { widthMm, lengthMm }: PieceSize,
): string | undefined {
  const size = `${fixed(thicknessMm, 0)} × ${fixed(widthMm, 0)} × ${fixed(lengthMm, 0)} mm`;
  switch (shape) {
    case "block":
      return words.shapeARackOfAbout(faces, size);
    case "oval":
      return words.shapeAnOvalOfAbout(size);
    case "wedge":
      return words.shapeAWedgeMmAt({
        thicknessMm: fixed(thicknessMm, 0),
        widthMm: fixed(widthMm, 0),
        lengthMm: fixed(lengthMm, 0),
      });
    case "shortLog":
      return words.shapeAShortLogOf(size);
    default:
      return undefined;
  }
}

/** How the piece was taken, a line each: its directions, its skin. */
export function sayShape(input: Worked["input"], { soak, pieceSize, contact }: Worked["sheet"]): string[] {
  const { pieces } = input;
  if (contact.kind === "within") return [words.putInEveryMmA(fixed(contact.spacingMm, 0))];
  const shape =
    saltedFaces(input) === "moreOnOne"
      ? words.saltOfItOnThe(percent(FLESH_SIDE_SHARE, 0))
      : sayTaken(pieces, pieceSize);
  const skin = pieces.skin ? saySkin(soak.body, pieces.faces) : undefined;
  return [shape, skin].filter((line) => line !== undefined);
}

function saySkin({ solid, veiled }: FleshBody, faces: Pieces["faces"]): string {
  if (faces === "one") return words.skinItCoversTheFace;
  if (veiled) return words.skinOnOneSideAbout;
  const onOne = (solid?.[0]?.otherBarrierM ?? 0) > 0;
  return words.skinOnOneFaceWhere(onOne);
}
