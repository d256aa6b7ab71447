import { useId } from "react";
import type { PieceForm } from "@/core/diffusion/piece-form";
import { cutAcross, deepestIn, Outline, type Box } from "./outline";

interface Props {
  box: Box;
  /** A slab that takes salt through its top face only. */
  oneFace: boolean;
}

export function Slashes({ box, oneFace, depth, spacing }: Props & { depth: number; spacing: number }) {
  const { x, y, width, height } = box;
  const count = Math.max(1, Math.min(40, Math.floor((width - 12) / spacing)));
  const from = x + (width - (count - 1) * spacing) / 2;
  return (
    <g stroke="var(--color-base-100)" strokeWidth={2}>
      {Array.from({ length: count }, (_, i) => (
        <g key={i}>
          <line
            x1={from + i * spacing}
            x2={from + i * spacing}
            y1={y}
            y2={y + Math.min(depth, height * 0.9)}
          />
          {!oneFace && (
            <line
              x1={from + i * spacing}
              x2={from + i * spacing}
              y1={y + height}
              y2={y + height - Math.min(depth, height * 0.9)}
            />
          )}
        </g>
      ))}
    </g>
  );
}

/** Fine diagonal hatch as deep as acid has gone: a line twice as thick about the piece, what is outside cut away. */
export function AcidHatch({ shape, box, oneFace, share }: Props & { shape: PieceForm; share: number }) {
  const id = useId();
  const { x, y, width, height } = box;
  const deep = (shape === "wedge" ? deepestIn(box) : oneFace ? height : height / 2) * share;
  const hatch = `url(#${id})`;
  return (
    <g data-acid={share.toFixed(3)}>
      <pattern id={id} width={5} height={5} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        {/* A pale edge, so that it is seen on the dark of much salt as well. */}
        <line x1={0} x2={0} y1={0} y2={5} stroke="var(--color-base-100)" strokeWidth={3.4} />
        <line x1={0} x2={0} y1={0} y2={5} stroke="var(--hatch)" strokeWidth={1.6} />
      </pattern>
      <clipPath id={`${id}-piece`}>
        <Outline shape={shape} box={box} />
      </clipPath>
      <g clipPath={`url(#${id}-piece)`}>
        {cutAcross(shape) === "flat" ? (
          <>
            <rect x={x} y={y} width={width} height={deep} fill={hatch} />
            {!oneFace && <rect x={x} y={y + height - deep} width={width} height={deep} fill={hatch} />}
          </>
        ) : (
          <Outline shape={shape} box={box} fill="none" stroke={hatch} strokeWidth={2 * deep} />
        )}
      </g>
    </g>
  );
}
