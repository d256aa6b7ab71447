import { useId } from "react";
import type { PieceForm } from "@/core/diffusion/flesh-body";
import { percent } from "../format";
import { onCentreLine, type Cut } from "./cut";
import type { Shade } from "./shading";

interface Props {
  x: number;
  y: number;
  width: number;
  height: number;
  shape: PieceForm;
  /** A slab that takes salt through its top face only. */
  oneFace: boolean;
  shades: Shade[];
  /** Of a piece solved in its own directions: it takes the place of the shades. */
  cut?: Cut | undefined;
  /** Depth acid has reached, share of the way to the middle: hatched. */
  acidShare?: number | undefined;
  slashes?: { depth: number; spacing: number } | undefined;
  /** Salt put in at places so far apart: it is shaded from each of them to half-way, not from the face. */
  spacing?: number | undefined;
  labelled: boolean;
}

/** Pieces lower than this many pixels have no room for figures inside. */
export const LABEL_ROOM = 84;
const CONTOURS = [0.25, 0.6, 0.88];

/** One piece cut open, shaded by how much salt is where. */
export function FleshPiece(props: Props) {
  const { x, y, width, height, shape, oneFace, shades, cut, spacing } = props;
  const id = useId();
  const round = shape !== "slab" && shape !== "block";
  const outline = { stroke: "var(--iron)", strokeWidth: 2 };
  const flat = flatOf({ x, y, width, height });
  const ellipse = { cx: x + width / 2, cy: y + height / 2, rx: width / 2, ry: height / 2 };
  const fill = cut ? "none" : `url(#${id})`;
  return (
    <g>
      <defs>
        {cut ? (
          <clipPath id={id}>{round ? <ellipse {...ellipse} /> : <rect {...flat} />}</clipPath>
        ) : spacing !== undefined ? (
          <linearGradient
            id={id}
            data-within
            gradientUnits="userSpaceOnUse"
            spreadMethod="reflect"
            x1={x + width / 2}
            x2={x + width / 2 + spacing / 2}
            y1="0"
            y2="0"
          >
            {shades.map((s) => stop(s.position, s.colour))}
          </linearGradient>
        ) : round ? (
          <radialGradient id={id}>{shades.map((s) => stop(s.position, s.colour))}</radialGradient>
        ) : (
          <linearGradient id={id} x1="0" y1="0" x2="0" y2="1">
            {slabStops(shades, oneFace).map((s) => stop(s.offset, s.colour))}
          </linearGradient>
        )}
      </defs>
      {cut && (
        <g clipPath={`url(#${id})`}>
          <use
            href={`#${cut.id}`}
            transform={`translate(${x + width / 2} ${y + height / 2}) scale(${width / 2} ${height / 2})`}
          />
        </g>
      )}
      {round ? (
        <ellipse {...ellipse} fill={fill} {...outline} />
      ) : (
        <rect {...flat} fill={fill} {...outline} />
      )}
      {props.acidShare !== undefined && props.acidShare > 0 && (
        <AcidHatch {...props} round={round} share={Math.min(1, props.acidShare)} />
      )}
      {props.slashes && !round && <Slashes {...props} {...props.slashes} />}
      {props.labelled && spacing === undefined && height >= LABEL_ROOM && (
        <Contours {...props} round={round} />
      )}
    </g>
  );
}

/** A flat piece with its edges rounded off. */
const flatOf = (box: { x: number; y: number; width: number; height: number }) => ({
  ...box,
  rx: Math.min(12, box.height / 3),
});

const stop = (offset: number, colour: string) => (
  <stop key={offset} offset={offset} style={{ stopColor: colour }} />
);

/** From the top face down: in to the middle and out again, or in to the blocked face. */
function slabStops(shades: Shade[], oneFace: boolean): { offset: number; colour: string }[] {
  const down = [...shades].reverse();
  if (oneFace) return down.map((s) => ({ offset: 1 - s.position, colour: s.colour }));
  return [
    ...down.map((s) => ({ offset: (1 - s.position) / 2, colour: s.colour })),
    ...shades.slice(1).map((s) => ({ offset: 0.5 + s.position / 2, colour: s.colour })),
  ];
}

function Slashes({
  x,
  y,
  width,
  height,
  oneFace,
  depth,
  spacing,
}: Props & { depth: number; spacing: number }) {
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

/** Fine diagonal hatch as deep as acid has gone. */
function AcidHatch({
  x,
  y,
  width,
  height,
  oneFace,
  round,
  share,
}: Props & { round: boolean; share: number }) {
  const id = useId();
  const deep = (oneFace ? height : height / 2) * share;
  const hatch = `url(#${id})`;
  return (
    <g data-acid={share.toFixed(3)}>
      <pattern id={id} width={5} height={5} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        {/* A pale edge, so that it is seen on the dark of much salt as well. */}
        <line x1={0} x2={0} y1={0} y2={5} stroke="var(--color-base-100)" strokeWidth={3.4} />
        <line x1={0} x2={0} y1={0} y2={5} stroke="var(--hatch)" strokeWidth={1.6} />
      </pattern>
      {!round && (
        <clipPath id={`${id}-piece`}>
          <rect {...flatOf({ x, y, width, height })} />
        </clipPath>
      )}
      {round ? (
        <ellipse
          cx={x + width / 2}
          cy={y + height / 2}
          rx={(width - deep) / 2}
          ry={(height - deep) / 2}
          fill="none"
          stroke={hatch}
          strokeWidth={deep}
        />
      ) : (
        <g clipPath={`url(#${id}-piece)`}>
          <rect x={x} y={y} width={width} height={deep} fill={hatch} />
          {!oneFace && <rect x={x} y={y + height - deep} width={width} height={deep} fill={hatch} />}
        </g>
      )}
    </g>
  );
}

/** Dashed lines of equal salt, with their figures. */
function Contours({ x, y, width, height, oneFace, shades, cut, round }: Props & { round: boolean }) {
  const line = {
    fill: "none",
    stroke: "var(--color-base-content)",
    strokeOpacity: 0.5,
    strokeDasharray: "3 4",
  };
  const midX = x + width / 2;
  const midY = y + height / 2;
  return (
    <g>
      {CONTOURS.map((position, i) => {
        const shade = shades.reduce((a, b) =>
          Math.abs(b.position - position) < Math.abs(a.position - position) ? b : a,
        );
        const top = oneFace ? y + height * (1 - position) : midY - (height / 2) * position;
        return (
          <g key={position}>
            {cut ? null : round ? (
              <ellipse
                cx={midX}
                cy={midY}
                rx={(width / 2) * position}
                ry={(height / 2) * position}
                {...line}
              />
            ) : (
              <line x1={x + 6} x2={x + width - 6} y1={top} y2={top} {...line} />
            )}
            <ContourLabel
              x={midX + (round ? 0 : (i - 1) * LABEL_STEP)}
              y={top}
              fraction={cut ? onCentreLine(cut, position) : shade.fraction}
            />
          </g>
        );
      })}
    </g>
  );
}

/** Labels of neighbouring lines stand side by side, so that close lines do not cover each other's figures. */
const LABEL_STEP = 62;

function ContourLabel({ x, y, fraction }: { x: number; y: number; fraction: number }) {
  return (
    <g>
      <rect x={x - 26} y={y - 9} width={52} height={18} rx={2} fill="var(--color-base-100)" />
      <text
        x={x}
        y={y + 4.5}
        textAnchor="middle"
        fontSize={13}
        fill="var(--color-base-content)"
        className="figure"
      >
        {percent(fraction, 1)} %
      </text>
    </g>
  );
}
