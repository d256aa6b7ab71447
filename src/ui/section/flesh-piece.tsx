import dynamic from "next/dynamic";
import { useId } from "react";
import type { PieceForm } from "@/core/diffusion/piece-form";
import { percent } from "../format";
import { NotYet, orMissing } from "../or-missing";
import { onCentreLine, type Cut } from "./cut";
import { cutAcross, deepestIn, Outline, type Box } from "./outline";
import type { Shade } from "./shading";

/* Fetched for what is slashed or sour: most food is neither. */
const Slashes = dynamic(
  orMissing(async () => (await import("./marks")).Slashes),
  { loading: NotYet },
);
const AcidHatch = dynamic(
  orMissing(async () => (await import("./marks")).AcidHatch),
  { loading: NotYet },
);

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
  const box = { x, y, width, height };
  const across = cutAcross(shape);
  // Nested outlines, or the field itself, stand for a gradient that no drawing has.
  const painted = cut !== undefined || (across === "wedge" && spacing === undefined);
  return (
    <g>
      <defs>
        {cut ? (
          <clipPath id={id}>
            <Outline shape={shape} box={box} />
          </clipPath>
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
        ) : across === "round" ? (
          <radialGradient id={id}>{shades.map((s) => stop(s.position, s.colour))}</radialGradient>
        ) : across === "flat" ? (
          <linearGradient id={id} x1="0" y1="0" x2="0" y2="1">
            {slabStops(shades, oneFace).map((s) => stop(s.offset, s.colour))}
          </linearGradient>
        ) : null}
      </defs>
      {cut ? (
        <g clipPath={`url(#${id})`}>
          <use
            href={`#${cut.id}`}
            transform={`translate(${x + width / 2} ${y + height / 2}) scale(${width / 2} ${height / 2})`}
          />
        </g>
      ) : painted ? (
        [...shades]
          .reverse()
          .map((s) => (
            <Outline
              key={s.position}
              shape={shape}
              box={box}
              within={s.position}
              style={{ fill: s.colour }}
              data-nested
            />
          ))
      ) : null}
      <Outline
        shape={shape}
        box={box}
        fill={painted ? "none" : `url(#${id})`}
        stroke="var(--iron)"
        strokeWidth={2}
      />
      {props.acidShare !== undefined && props.acidShare > 0 && (
        <AcidHatch shape={shape} box={box} oneFace={oneFace} share={Math.min(1, props.acidShare)} />
      )}
      {props.slashes && across === "flat" && <Slashes box={box} oneFace={oneFace} {...props.slashes} />}
      {props.labelled && spacing === undefined && height >= LABEL_ROOM && <Contours {...props} box={box} />}
    </g>
  );
}

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

/** Dashed lines of equal salt, with their figures. */
function Contours({ shape, box, oneFace, shades, cut }: Props & { box: Box }) {
  const { x, y, width, height } = box;
  const line = {
    fill: "none",
    stroke: "var(--color-base-content)",
    strokeOpacity: 0.5,
    strokeDasharray: "3 4",
  };
  const across = cutAcross(shape);
  const midX = across === "wedge" ? x + deepestIn(box) : x + width / 2;
  const midY = y + height / 2;
  return (
    <g>
      {CONTOURS.map((position, i) => {
        const shade = shades.reduce((a, b) =>
          Math.abs(b.position - position) < Math.abs(a.position - position) ? b : a,
        );
        // What is alike above and below has its second label below, where it covers neither of the others.
        const side = across !== "flat" && i === 1 ? -1 : 1;
        const half = across === "wedge" ? deepestIn(box) : height / 2;
        const top = oneFace ? y + height * (1 - position) : midY - side * half * position;
        return (
          <g key={position}>
            {cut ? null : across === "flat" ? (
              <line x1={x + 6} x2={x + width - 6} y1={top} y2={top} {...line} />
            ) : (
              <Outline shape={shape} box={box} within={position} {...line} />
            )}
            <ContourLabel
              x={midX + (across === "flat" ? (i - 1) * LABEL_STEP : 0)}
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
