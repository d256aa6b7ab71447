/** Small type in drawings. */
export const NOTE = { fontSize: 13, fontFamily: "var(--font-sans)" };

/** A stamped dimension: a line with end marks and its figure to the right. */
export function DimensionLine(props: { x: number; from: number; to: number; lines: string[] }) {
  const { x, from, to, lines } = props;
  if (to - from < 3) return null;
  const middle = (from + to) / 2;
  return (
    <g stroke="var(--quiet)" strokeWidth={1.5}>
      <path d={`M ${x - 5} ${from} h 10 M ${x - 5} ${to} h 10 M ${x} ${from} V ${to}`} fill="none" />
      {lines.map((line, i) => (
        <text
          key={line}
          x={x + 10}
          y={middle + 4 + (i - (lines.length - 1) / 2) * 16}
          stroke="none"
          fill={i === 0 ? "var(--color-base-content)" : "var(--quiet)"}
          {...NOTE}
        >
          {line}
        </text>
      ))}
    </g>
  );
}

/** A note at the left with a short line to what it speaks of. */
export function Leader({ x, y, lines }: { x: number; y: number; lines: string[] }) {
  return (
    <g>
      <line x1={x} x2={x + 34} y1={y} y2={y} stroke="var(--quiet)" strokeWidth={1.5} />
      {lines.map((line, i) => (
        <text
          key={line}
          x={x - 6}
          y={y + 4 + (i - (lines.length - 1) / 2) * 17}
          textAnchor="end"
          fill={i === 0 ? "var(--color-base-content)" : "var(--quiet)"}
          {...NOTE}
        >
          {line}
        </text>
      ))}
    </g>
  );
}
