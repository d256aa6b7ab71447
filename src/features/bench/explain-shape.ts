import type { FleshBody } from "@/core/diffusion/flesh-body";
import { FLESH_SIDE_SHARE, saltedFaces } from "@/core/formula/weigh/salted-faces";
import type { Pieces } from "@/core/formulation";
import type { PieceSize } from "@/core/vessel/piece-size";
import { fixed, percent } from "@/ui/format";
import type { Worked } from "./worked";

/** What of the cook's shape goes its own way; nothing where one distance tells all. */
function sayTaken(
  { shape, thicknessMm, faces }: Pieces,
  { widthMm, lengthMm }: PieceSize,
): string | undefined {
  const size = `${fixed(thicknessMm, 0)} × ${fixed(widthMm, 0)} × ${fixed(lengthMm, 0)} mm`;
  switch (shape) {
    case "block":
      return faces === "one"
        ? `shape: a rack of about ${size}; salt comes in at its sides and ends too, not where its bones are`
        : `shape: a block of about ${size}; salt comes in at its sides and ends too`;
    case "oval":
      return `shape: an oval of about ${size} that tapers; salt comes in all about`;
    case "wedge":
      return `shape: a wedge, ${fixed(thicknessMm, 0)} mm at its back, ${fixed(widthMm, 0)} mm to its edge, ${fixed(lengthMm, 0)} mm long; salt comes in all about`;
    case "shortLog":
      return `shape: a short log of about ${size}; salt comes in at its ends too`;
    default:
      return undefined;
  }
}

/** How the piece was taken, a line each: its directions, its skin. */
export function sayShape(input: Worked["input"], { soak, pieceSize, contact }: Worked["sheet"]): string[] {
  const { pieces } = input;
  if (contact.kind === "within")
    return [
      `put in every ${fixed(contact.spacingMm, 0)} mm: a square about each, taken as a cylinder; skin and thickness do not count`,
    ];
  const shape =
    saltedFaces(input) === "moreOnOne"
      ? `salt: ${percent(FLESH_SIDE_SHARE, 0)} % of it on the flesh side; each face takes what lies on it, sides none`
      : sayTaken(pieces, pieceSize);
  const skin = pieces.skin ? saySkin(soak.body, pieces.faces) : undefined;
  return [shape, skin].filter((line) => line !== undefined);
}

function saySkin({ solid, veiled }: FleshBody, faces: Pieces["faces"]): string {
  if (faces === "one") return "skin: it covers the face that is taken as shut";
  if (veiled) return "skin: on one side, about half of the face; hardly any salt passes there";
  const onOne = (solid?.[0].otherBarrierM ?? 0) > 0;
  return onOne
    ? "skin: on one face, where hardly any salt passes"
    : "skin: all about; salt comes in slowly through it";
}
