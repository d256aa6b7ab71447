import type { PieceForm } from "@/core/diffusion/piece-form";
import { CloseUp } from "./close-up";
import { Leader, NOTE } from "./dimension";
import { FleshPiece } from "./flesh-piece";
import { Outline } from "./outline";
import { countNote, pathNote, saltsOneFace, slashesAt, slashShares, type DrawingProps } from "./wet-vessel";
import * as words from "@/words/ui/section/dry-rack";

const MOST_DRAWN = 6;
/** A low tray is drawn with at least this much rim, px. */
const RIM = 26;

/** Pieces on a rack over a tray, in air; grains on the face while salt lies there undissolved. */
export function DryRack({
  input,
  sheet,
  outcome,
  shades,
  cut,
  acidShare,
  view,
  compact,
  units,
}: DrawingProps) {
  const { pieces } = input;
  const size = sheet.pieceSize;
  const drawn = Math.min(pieces.count, MOST_DRAWN);
  const margin = compact ? 14 : 118;
  const gapMm = size.widthMm * 0.18;
  const spanMm = drawn * size.widthMm + (drawn + 1) * gapMm;
  const scale = Math.min((view.width - 2 * margin) / spanMm, (view.height * 0.52) / size.heightMm);
  const span = spanMm * scale;
  const left = (view.width - span) / 2;
  const rack = view.height - (compact ? 44 : 70);
  const grains = outcome.moment.undissolved > 0.001 * outcome.moment.mean;
  const oneFace = saltsOneFace(input);
  const height = size.heightMm * scale;
  const width = size.widthMm * scale;
  const coatMm = sheet.coat?.thicknessMm ?? 0;
  const { contact } = sheet;
  const spacing = contact.kind === "within" ? contact.spacingMm : undefined;
  // A coat is drawn to scale, and never thinner than can be seen.
  const coat = Math.max(2.5, coatMm * scale);

  return (
    <g>
      {Array.from({ length: drawn }, (_, i) => {
        const x = left + (gapMm + i * (size.widthMm + gapMm)) * scale;
        return (
          <g key={i}>
            <FleshPiece
              x={x}
              y={rack - height}
              width={width}
              height={height}
              shape={pieces.shape}
              oneFace={oneFace}
              shades={shades}
              cut={cut}
              acidShare={acidShare}
              slashes={pieces.slashDepthMm > 0 ? slashesAt(input, scale) : undefined}
              spacing={spacing === undefined ? undefined : spacing * scale}
              labelled={!compact}
            />
            {oneFace && pieces.skin && (
              <line
                x1={x + 5}
                x2={x + width - 5}
                y1={rack - 1}
                y2={rack - 1}
                stroke="var(--hatch)"
                strokeWidth={5}
              />
            )}
            {coatMm > 0 && (
              <Coat x={x} y={rack - height} width={width} height={height} shape={pieces.shape} coat={coat} />
            )}
            {grains && <Grains x={x} y={rack - height} width={width} />}
          </g>
        );
      })}
      <line
        x1={left - 8}
        x2={left + span + 8}
        y1={rack + 2}
        y2={rack + 2}
        stroke="var(--iron)"
        strokeWidth={4}
      />
      <path
        d={`M ${left - 14} ${rack + 12} l 10 ${RIM} H ${left + span + 4} l 10 ${-RIM}`}
        fill="none"
        stroke="var(--iron)"
        strokeWidth={5}
        strokeLinejoin="round"
      />
      {!compact && spacing === undefined && (
        <CloseUp
          piece={{ x: left + gapMm * scale, y: rack - height, width, height }}
          shape={pieces.shape}
          roomAbove={rack - height - 14}
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
            x={left - 14}
            y={rack - height / 2}
            lines={[
              words.thick(units.length(pieces.thicknessMm)),
              spacing === undefined ? pathNote(sheet, units) : words.inEvery(units.length(spacing)),
              countNote(input),
            ]}
          />
          {coatMm > 0 && (
            <text
              x={left + span + 20}
              y={rack - Math.max(16, height / 2)}
              fill="var(--color-base-content)"
              {...NOTE}
            >
              {words.coat(units.length(coatMm, 1))}
            </text>
          )}
          <text x={left + span + 20} y={rack + 6} fill="var(--quiet)" {...NOTE}>
            {words.rack}
          </text>
          <text x={left + span + 20} y={rack + RIM + 10} fill="var(--quiet)" {...NOTE}>
            {words.trayRimmed}
          </text>
          {oneFace && pieces.skin && (
            <text x={view.width / 2} y={view.height - 6} textAnchor="middle" fill="var(--quiet)" {...NOTE}>
              {words.fleshSideUpSaltDoes}
            </text>
          )}
        </>
      )}
    </g>
  );
}

/** Paste or rub about a piece, in the mustard hatch. */
function Coat(p: { x: number; y: number; width: number; height: number; shape: PieceForm; coat: number }) {
  const { shape, coat, ...box } = p;
  return (
    <Outline
      shape={shape}
      box={box}
      grown={coat / 2 + 1}
      fill="none"
      stroke="var(--hatch)"
      strokeWidth={coat}
      strokeDasharray="5 1.5"
      data-coat
    />
  );
}

function Grains({ x, y, width }: { x: number; y: number; width: number }) {
  const count = Math.max(3, Math.round(width / 8));
  return (
    <g fill="var(--color-primary)">
      {Array.from({ length: count }, (_, i) => (
        <circle key={i} cx={x + ((i + 0.5) * width) / count} cy={y - 4 - (i % 2) * 3} r={1.8} />
      ))}
    </g>
  );
}
