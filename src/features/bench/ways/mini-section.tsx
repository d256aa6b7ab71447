import { useId } from "react";
import { FULL_COLOUR_AT, saltColour } from "@/ui/section/shading";

const SIZE = { width: 48, height: 30 };

/** A piece cut open, no larger than a thumbnail: how far the salt has gone. */
export function MiniSection({ profile, wanted }: { profile: readonly number[]; wanted: number }) {
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
    <svg viewBox={`0 0 ${SIZE.width} ${SIZE.height}`} className="w-12 shrink-0" aria-hidden>
      <linearGradient id={id} x1="0" y1="0" x2="0" y2="1">
        {stops.map((s) => (
          <stop key={s.offset} offset={s.offset} style={{ stopColor: colour(s.fraction) }} />
        ))}
      </linearGradient>
      <rect
        x={1}
        y={1}
        width={SIZE.width - 2}
        height={SIZE.height - 2}
        rx={6}
        fill={`url(#${id})`}
        stroke="var(--iron)"
        strokeWidth={1.5}
      />
    </svg>
  );
}
