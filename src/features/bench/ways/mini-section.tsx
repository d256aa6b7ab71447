import { useId } from "react";
import type { PieceForm } from "@/core/diffusion/piece-form";
import { cutAcross, Outline } from "@/ui/section/outline";
import { FULL_COLOUR_AT, saltColour } from "@/ui/section/shading";

const BOX = { x: 1, y: 1, width: 46, height: 28 };
const EDGE = { stroke: "var(--iron)", strokeWidth: 1.5 };

interface Props {
  shape: PieceForm;
  /** Salt from the face to the middle. */
  profile: readonly number[];
  wanted: number;
}

/** A piece cut open, no larger than a thumbnail: how far the salt has gone. */
export function MiniSection({ shape, profile, wanted }: Props) {
  const id = useId();
  const last = profile.length - 1;
  const colour = (fraction: number) => saltColour(fraction / (FULL_COLOUR_AT * wanted));
  const stops = [
    ...profile.map((fraction, i) => ({ offset: (0.5 * i) / last, fraction })),
    ...[...profile]
      .reverse()
      .slice(1)
      .map((fraction, i) => ({ offset: 0.5 + (0.5 * (i + 1)) / last, fraction })),
  ];
  return (
    <svg viewBox="0 0 48 30" className="w-12 shrink-0" aria-hidden>
      {cutAcross(shape) === "flat" ? (
        <>
          <linearGradient id={id} x1="0" y1="0" x2="0" y2="1">
            {stops.map((s) => (
              <stop key={s.offset} offset={s.offset} style={{ stopColor: colour(s.fraction) }} />
            ))}
          </linearGradient>
          <Outline shape={shape} box={BOX} fill={`url(#${id})`} {...EDGE} />
        </>
      ) : (
        <>
          {profile.slice(0, last).map((fraction, i) => (
            <Outline
              key={i}
              shape={shape}
              box={BOX}
              within={1 - i / last}
              style={{ fill: colour(fraction) }}
            />
          ))}
          <Outline shape={shape} box={BOX} fill="none" {...EDGE} />
        </>
      )}
    </svg>
  );
}
