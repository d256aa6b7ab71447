import { BAG_FILM_MM } from "@/core/vessel/bag";
import { DimensionLine, Leader, NOTE } from "./dimension";
import { CloseUp } from "./close-up";
import { FleshPiece, LABEL_ROOM } from "./flesh-piece";
import { countNote, pathNote, saltsOneFace, slashesAt, slashShares, type DrawingProps } from "./wet-vessel";
import * as words from "@/words/ui/section/bag";

const MOST_DRAWN = 5;

/** Pieces in a bag pressed flat: a film of liquid about them, no headspace. */
export function Bag({ input, sheet, shades, cut, acidShare, view, compact, units }: DrawingProps) {
  const { pieces } = input;
  const size = sheet.pieceSize;
  const { layers, perLayer } = sheet.fit;
  const across = Math.min(perLayer, MOST_DRAWN);
  const margin = compact ? 40 : 118;
  const film = BAG_FILM_MM;
  const widthMm = across * size.widthMm + (across + 1) * film;
  const heightMm = layers * size.heightMm + (layers + 1) * film;
  const scale = Math.min((view.width - 2 * margin) / widthMm, (view.height * 0.72) / heightMm);
  const [width, height] = [widthMm * scale, heightMm * scale];
  const left = (view.width - width) / 2;
  // A low bag lies below, so that its close-up has room above.
  const low = !compact && size.heightMm * scale < LABEL_ROOM;
  const below = compact ? 8 : 56;
  const top = low || compact ? view.height - height - below : (view.height - height) / 2;
  const neck = 20;
  return (
    <g>
      <path
        d={`M ${left + 10} ${top} H ${left + width - 10} Q ${left + width + 6} ${top} ${left + width + 8} ${top + height * 0.4}
            l ${neck} -6 v 12 l ${-neck} 0 Q ${left + width + 6} ${top + height} ${left + width - 10} ${top + height}
            H ${left + 10} Q ${left - 6} ${top + height} ${left - 6} ${top + height / 2} Q ${left - 6} ${top} ${left + 10} ${top} Z`}
        fill="var(--brine-pale)"
        stroke="var(--iron)"
        strokeWidth={2.5}
        strokeLinejoin="round"
        data-bag
      />
      {Array.from({ length: layers * across }, (_, i) => {
        const row = Math.floor(i / across);
        if (row * perLayer + (i % across) >= pieces.count) return null;
        return (
          <FleshPiece
            key={i}
            x={left + (film + (i % across) * (size.widthMm + film)) * scale}
            y={top + (film + (layers - 1 - row) * (size.heightMm + film)) * scale}
            width={size.widthMm * scale}
            height={size.heightMm * scale}
            shape={pieces.shape}
            oneFace={saltsOneFace(input)}
            shades={shades}
            cut={cut}
            acidShare={acidShare}
            slashes={pieces.slashDepthMm > 0 ? slashesAt(input, scale) : undefined}
            labelled={!compact}
          />
        );
      })}
      {low && (
        <CloseUp
          piece={{
            x: left + film * scale,
            y: top + film * scale,
            width: size.widthMm * scale,
            height: size.heightMm * scale,
          }}
          shape={pieces.shape}
          roomAbove={top}
          viewWidth={view.width}
          oneFace={saltsOneFace(input)}
          shades={shades}
          cut={cut}
          acidShare={acidShare}
          slashes={slashShares(input)}
        />
      )}
      {!compact && (
        <>
          <Leader
            x={left - 16}
            y={top + height / 2}
            lines={[words.thick(units.length(pieces.thicknessMm)), pathNote(sheet, units), countNote(input)]}
          />
          <DimensionLine
            x={left + width + neck + 22}
            from={top}
            to={top + height}
            lines={[units.volume(sheet.liquidMl), words.aboutIt]}
          />
          <text x={view.width / 2} y={view.height - 8} textAnchor="middle" fill="var(--quiet)" {...NOTE}>
            {words.bagAirPressedOutFlat}
          </text>
        </>
      )}
    </g>
  );
}
