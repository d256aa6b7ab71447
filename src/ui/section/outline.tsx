import type { SVGProps } from "react";
import type { PieceForm } from "@/core/diffusion/piece-form";
import { wedgeDeepest } from "@/core/wedge";

export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** What a piece looks like cut across: lying flat, round, or a wedge with its back to the left. */
export const cutAcross = (shape: PieceForm): "flat" | "round" | "wedge" =>
  shape === "slab" || shape === "block" ? "flat" : shape === "wedge" ? "wedge" : "round";

interface Props extends Omit<SVGProps<SVGElement>, "ref" | "x" | "y" | "width" | "height" | "shape"> {
  shape: PieceForm;
  box: Box;
  /** A similar outline within it, 1 the piece's own; of what is round and of a wedge. */
  within?: number;
  /** Larger all about by so much, px. */
  grown?: number;
}

/** The outline of one piece, as wide and high as its box. */
export function Outline({ shape, box, within = 1, grown = 0, ...look }: Props) {
  const { x, y, width, height } = box;
  switch (cutAcross(shape)) {
    case "round":
      return (
        <ellipse
          cx={x + width / 2}
          cy={y + height / 2}
          rx={(width / 2) * within + grown}
          ry={(height / 2) * within + grown}
          {...look}
        />
      );
    case "wedge":
      return <polygon points={wedgePoints(box, within + grown / deepestIn(box))} {...look} />;
    case "flat":
      return (
        <rect
          x={x - grown}
          y={y - grown}
          width={width + 2 * grown}
          height={height + 2 * grown}
          rx={Math.min(12, height / 3) + grown}
          {...look}
        />
      );
  }
}

/** How far a wedge's deepest flesh is from all its sides, px. */
export const deepestIn = ({ width, height }: Box): number => wedgeDeepest(height, width);

/** Its back and its edge, drawn together towards its deepest point. */
function wedgePoints(box: Box, within: number): string {
  const { x, y, width, height } = box;
  const [middleX, middleY] = [x + deepestIn(box), y + height / 2];
  const drawn = (cornerX: number, cornerY: number) =>
    `${middleX + (cornerX - middleX) * within},${middleY + (cornerY - middleY) * within}`;
  return [drawn(x, y), drawn(x + width, middleY), drawn(x, y + height)].join(" ");
}
