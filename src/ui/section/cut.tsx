import { sectionAt } from "@/core/diffusion/section";
import type { Outcome } from "@/core/formula/account/outcome";
import type { Formulated } from "@/core/formula/formulate";
import { shareOfFinishedFlesh } from "@/core/formula/weigh/equilibrium";
import { colourOf, FULL_COLOUR_AT, strengthOf } from "./shading";

/** A piece cut through its middle, as it was solved: saltier at its corners and edges, fainter under skin. */
export interface Cut {
  /** The drawing's own name for it, to be used by every piece. */
  id: string;
  /** Edges of the cells from the middle (0) out, or from the lower face (-1) to the upper (1). */
  deep: Float64Array;
  across: Float64Array;
  /** Shares of finished flesh, row by row of the thickness. */
  fractions: number[];
  /** The fraction at which the colour is full. */
  full: number;
}

/** The cut at this moment; undefined for pieces that were solved along one line. */
export function cutOf(sheet: Formulated, outcome: Outcome, id: string): Cut | undefined {
  const { section: grid } = sheet.soak.run;
  const section = sectionAt(sheet.soak.run, outcome.moment.timeS);
  if (!grid || !section) return undefined;
  const w = sheet.soaked.waterFraction;
  return {
    id,
    ...grid,
    fractions: Array.from(section, (perWater) => shareOfFinishedFlesh(perWater, w)),
    full: FULL_COLOUR_AT * shareOfFinishedFlesh(sheet.soak.aim.targetPerWater, w),
  };
}

/** Salt on the line from face to face through the middle. @param position from the middle, or the shut face, 0, to the upper face, 1 */
export function onCentreLine({ deep, across, fractions }: Cut, position: number): number {
  const row = deep.findIndex((edge, i) => i > 0 && edge >= position) - 1;
  return fractions[Math.max(0, row) * (across.length - 1)] ?? 0;
}

/**
 * Drawn once, from -1 to 1 either way, and stretched over every piece: one outline for all cells of a shade, as a few dozen
 * shades are told apart and a cut has a thousand cells.
 * @param oneFace only the upper half was solved, down to a face that is shut
 */
export function CutSymbol({ cut, oneFace }: { cut: Cut; oneFace: boolean }) {
  return (
    <g id={cut.id} data-cut>
      {[...outlinesOf(cut, oneFace)].map(([strength, d]) => (
        <path key={strength} d={d} style={{ fill: colourOf(strength) }} />
      ))}
    </g>
  );
}

/** The cells of each shade as one path, mirrored to the sides that were not solved. */
function outlinesOf({ deep, across, fractions, full }: Cut, oneFace: boolean): Map<number, string> {
  const rows = spansOf(oneFace ? deep.map((edge) => 2 * edge - 1) : deep);
  const columns = spansOf(across);
  const single = columns.length === 1;
  const whole = oneFace || rows.some(({ from }) => from < 0);
  const outlines = new Map<number, string>();
  rows.forEach((row, r) =>
    columns.forEach((column, c) => {
      const strength = strengthOf((fractions[r * columns.length + c] ?? 0) / full);
      const width = single ? 2 : column.to - column.from + SEAM;
      const height = row.to - row.from + SEAM;
      let d = outlines.get(strength) ?? "";
      for (const x of single ? [-1] : [column.from, -column.to])
        for (const y of whole ? [-row.to] : [-row.to, row.from])
          d += `M${short(x)} ${short(y)}h${short(width)}v${short(height)}h${short(-width)}z`;
      outlines.set(strength, d);
    }),
  );
  return outlines;
}

/** What lies between each edge and the next. */
const spansOf = (edges: Float64Array) =>
  Array.from(edges.subarray(1), (to, i) => ({ from: edges[i] ?? to, to }));

/** A piece is a few hundred pixels wide: more digits cannot be seen. */
const short = (length: number): number => Math.round(length * 1e4) / 1e4;

/** Cells lap by a hair, so that no line of the ground shows between them. */
const SEAM = 0.006;
