import type { PieceForm } from "@/core/diffusion/piece-form";
import { FleshPiece, LABEL_ROOM } from "./flesh-piece";
import { NOTE } from "./dimension";
import type { Cut } from "./cut";
import type { Shade } from "./shading";
import * as words from "@/words/ui/section/close-up";

interface Props {
  /** The drawn piece that is shown larger, px. */
  piece: { x: number; y: number; width: number; height: number };
  shape: PieceForm;
  /** Room above the drawing, px. */
  roomAbove: number;
  viewWidth: number;
  oneFace: boolean;
  shades: Shade[];
  cut?: Cut | undefined;
  acidShare?: number;
  slashes?: { depthShare: number; spacingShare: number } | undefined;
}

const HEIGHT = 104;
const WIDTH = 250;
const TOP = 8;

/** A piece too low to carry figures, once more and larger, in the empty room above. */
export function CloseUp({
  piece,
  shape,
  roomAbove,
  viewWidth,
  oneFace,
  shades,
  cut,
  acidShare,
  slashes,
}: Props) {
  if (piece.height >= LABEL_ROOM || roomAbove < HEIGHT + 2 * TOP) return null;
  // As wide as it is for its height, as far as there is room.
  const width = Math.min(WIDTH, (HEIGHT * piece.width) / piece.height);
  const x = (viewWidth - width) / 2;
  const line = { stroke: "var(--quiet)", strokeWidth: 1, strokeDasharray: "2 4" };
  return (
    <g>
      <line x1={x} y1={TOP + HEIGHT} x2={piece.x} y2={piece.y} {...line} />
      <line x1={x + width} y1={TOP + HEIGHT} x2={piece.x + piece.width} y2={piece.y} {...line} />
      <FleshPiece
        x={x}
        y={TOP}
        width={width}
        height={HEIGHT}
        shape={shape}
        oneFace={oneFace}
        shades={shades}
        cut={cut}
        acidShare={acidShare}
        slashes={
          slashes && {
            depth: slashes.depthShare * HEIGHT,
            spacing: Math.max(16, slashes.spacingShare * HEIGHT),
          }
        }
        labelled
      />
      <text x={x - 10} y={TOP + HEIGHT / 2 - 4} textAnchor="end" fill="var(--color-base-content)" {...NOTE}>
        {words.closeUp}
      </text>
      <text x={x - 10} y={TOP + HEIGHT / 2 + 13} textAnchor="end" fill="var(--quiet)" {...NOTE}>
        {words.saltByDepth}
      </text>
    </g>
  );
}
