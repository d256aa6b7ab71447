import { firstOf } from "@/core/sequence";
import type { Outcome } from "@/core/formula/account/outcome";
import type { Formulated } from "@/core/formula/formulate";
import { saltedFaces } from "@/core/formula/weigh/salted-faces";
import type { Formulation } from "@/core/formulation";
import type { Units } from "../units";
import { CloseUp } from "./close-up";
import type { Cut } from "./cut";
import { DimensionLine, Leader, NOTE } from "./dimension";
import { FleshPiece } from "./flesh-piece";
import { layOut } from "./layout";
import type { Shade } from "./shading";
import * as words from "@/words/ui/section/wet-vessel";

export interface DrawingProps {
  input: Formulation;
  sheet: Formulated;
  outcome: Outcome;
  shades: Shade[];
  cut?: Cut | undefined;
  /** Depth acid has reached, share of the way to the middle. */
  acidShare: number;
  view: { width: number; height: number };
  compact: boolean;
  units: Units;
}

const WALL = 5;

/** A tub with brine: level, headspace, plate, food under or out of the liquid. */
export function WetVessel({ input, sheet, shades, cut, acidShare, view, compact, units }: DrawingProps) {
  const layout = layOut(input, sheet);
  const first = firstOf(layout.pieces);
  const margin = compact ? { side: 14, top: 8, bottom: 6 } : { side: 118, top: 10, bottom: 10 };
  const scale = Math.min(
    (view.width - 2 * margin.side - 2 * WALL) / layout.widthMm,
    (view.height - margin.top - margin.bottom - WALL) / layout.heightMm,
  );
  const width = layout.widthMm * scale;
  const left = (view.width - width) / 2;
  const floor = view.height - margin.bottom - WALL;
  const rim = floor - layout.heightMm * scale;
  const level = floor - (sheet.level?.levelMm ?? 0) * scale;
  const foodTop = floor - sheet.fit.foodHeightMm * scale;
  const { exposedMm = 0, overflowMl = 0, headspaceMm = 0 } = sheet.level ?? {};
  const slashes = input.pieces.slashDepthMm > 0 ? slashesAt(input, scale) : undefined;
  const oneFace = saltsOneFace(input);
  const { vessel } = input;
  const iced = vessel.shape === "cooler" || input.holding.place === "cooler";
  // A pail is narrower at its floor than at its rim.
  const inset = vessel.shape === "pail" ? ((vessel.lengthMm - vessel.widthMm) / 2) * scale : 0;
  const insetAt = (y: number) => inset * ((y - rim) / Math.max(1, floor - rim));
  const liquid = words.liquid(sheet.mix !== undefined);

  return (
    <g>
      <path
        d={`M ${left + insetAt(level)} ${level} H ${left + width - insetAt(level)} L ${left + width - inset} ${floor} H ${left + inset} Z`}
        fill="var(--brine-pale)"
      />
      <line
        x1={left + insetAt(level)}
        x2={left + width - insetAt(level)}
        y1={level}
        y2={level}
        stroke="var(--color-primary)"
        strokeWidth={2}
      />
      {layout.pieces.map((box) => (
        <FleshPiece
          key={`${box.x}-${box.y}`}
          x={left + box.x * scale}
          y={floor - (box.y + box.height) * scale}
          width={box.width * scale}
          height={box.height * scale}
          shape={input.pieces.shape}
          oneFace={oneFace}
          shades={shades}
          cut={cut}
          acidShare={acidShare}
          slashes={slashes}
          labelled={!compact}
        />
      ))}
      {input.vessel.plate && exposedMm === 0 && (
        <rect
          x={left + width * 0.12}
          y={foodTop - 7}
          width={width * 0.76}
          height={6}
          fill="var(--color-base-100)"
          stroke="var(--iron)"
          strokeWidth={1.5}
        />
      )}
      <VesselWall
        shape={input.vessel.shape}
        left={left}
        right={left + width}
        rim={rim}
        floor={floor}
        inset={inset}
      />
      {iced && <Ice left={left} right={left + width} rim={rim} floor={floor} compact={compact} />}
      {!compact && (
        <CloseUp
          piece={{
            x: left + first.x * scale,
            y: floor - first.height * scale,
            width: first.width * scale,
            height: first.height * scale,
          }}
          shape={input.pieces.shape}
          roomAbove={rim}
          viewWidth={view.width}
          oneFace={oneFace}
          shades={shades}
          cut={cut}
          acidShare={acidShare}
          slashes={slashShares(input)}
        />
      )}
      {!compact && (
        <>
          <Leader
            x={left - 12}
            y={floor - first.height * scale * 0.5}
            lines={[
              words.thick(units.length(input.pieces.thicknessMm)),
              pathNote(sheet, units),
              countNote(input),
            ]}
          />
          <DimensionLine
            x={left + width + 18}
            from={rim}
            to={level}
            lines={[units.length(headspaceMm), words.toTheRim]}
          />
          <DimensionLine
            x={left + width + 18}
            from={level}
            to={floor}
            lines={[units.volume(sheet.liquidMl + sheet.fit.foodMl), words.andFood(liquid)]}
          />
          {exposedMm > 0.5 && (
            <Alarm x={view.width / 2} text={words.standsOutOfThe(units.length(exposedMm), liquid)} y={16} />
          )}
          {overflowMl > 0 && (
            <Alarm x={view.width / 2} text={words.overTheRim(units.volume(overflowMl))} y={34} />
          )}
        </>
      )}
    </g>
  );
}

/** Walls and floor; a cooler's are thick, a pail's lean outward. */
function VesselWall(p: {
  shape: string;
  left: number;
  right: number;
  rim: number;
  floor: number;
  inset: number;
}) {
  const thick = p.shape === "cooler" ? 12 : WALL;
  const half = thick / 2;
  return (
    <path
      d={`M ${p.left - half} ${p.rim} L ${p.left + p.inset - half} ${p.floor + half} H ${p.right - p.inset + half} L ${p.right + half} ${p.rim}`}
      fill="none"
      stroke="var(--iron)"
      strokeWidth={thick}
      strokeLinejoin="round"
    />
  );
}

/** Sealed ice beside the vessel's walls: a cooler is kept cold from outside the brine. */
function Ice(p: { left: number; right: number; rim: number; floor: number; compact: boolean }) {
  const side = p.compact ? 8 : 15;
  const count = Math.max(2, Math.floor((p.floor - p.rim) / (side + 4)));
  const block = (x: number, i: number) => (
    <rect
      key={`${x}-${i}`}
      x={x}
      y={p.floor - (i + 1) * (side + 4)}
      width={side}
      height={side}
      fill="var(--color-base-100)"
      stroke="var(--color-primary)"
      strokeWidth={1.5}
    />
  );
  return (
    <g data-ice>
      {Array.from({ length: count }, (_, i) => [block(p.left - side - 16, i), block(p.right + 16, i)])}
    </g>
  );
}

/** What is wrong with the fit, in the drawing itself. */
function Alarm({ x, y, text }: { x: number; y: number; text: string }) {
  return (
    <text
      x={x}
      y={y}
      textAnchor="middle"
      {...NOTE}
      fill="var(--color-error)"
      stroke="var(--color-base-200)"
      strokeWidth={5}
      paintOrder="stroke"
    >
      {text}
    </text>
  );
}

/** Only its upper face takes salt: so laid, or salted on one face. */
export const saltsOneFace = (input: Formulation): boolean =>
  saltedFaces(input) === "one" || (liesFlat(input) && input.pieces.faces === "one");

const liesFlat = ({ pieces }: Formulation): boolean => pieces.shape === "slab" || pieces.shape === "block";

export const slashesAt = (input: Formulation, scale: number) => ({
  depth: input.pieces.slashDepthMm * scale,
  spacing: Math.max(5, input.pieces.slashSpacingMm * scale),
});

/** Slashes as shares of the thickness, for the close-up. */
export const slashShares = ({ pieces }: Formulation) =>
  pieces.slashDepthMm > 0
    ? {
        depthShare: pieces.slashDepthMm / pieces.thicknessMm,
        spacingShare: pieces.slashSpacingMm / pieces.thicknessMm,
      }
    : undefined;

/** How far salt must go, after slashes. */
export const pathNote = (sheet: Formulated, units: Units): string =>
  words.toGo(units.length(sheet.soak.body.halfThicknessM * 1000));

export const countNote = (input: Formulation): string => words.pieces(input.pieces.count);
