import type { CrustFigures } from "@/core/formula/weigh/prepared";
import type { CrustPreparation } from "@/core/formulation";
import { BODY_SHARE, cracks } from "@/core/vessel/crust-shell";
import type { Units } from "../units";
import { DimensionLine, Leader, NOTE } from "./dimension";
import { FleshPiece } from "./flesh-piece";
import type { Shade } from "./shading";
import { countNote, type DrawingProps } from "./wet-vessel";
import * as words from "@/words/ui/section/crust";

/** The food in its shell of damp salt on a tray: cut across above, cut along its length below, to one scale each. */
export function Crust({ input, sheet, shades, view, compact, units }: DrawingProps) {
  const { crust } = sheet;
  const p = input.preparation;
  if (!crust || p.kind !== "saltCrust") return null;
  const { lengthMm, widthMm, heightMm } = crust.food;
  const outMm = p.ends === "out";
  const along = { foodMm: lengthMm, shellMm: (outMm ? lengthMm * BODY_SHARE : lengthMm) + 2 * crust.overMm };
  const across = { foodMm: widthMm, shellMm: widthMm + 2 * crust.overMm };
  const common = { p, heightMm, crust, shades, units };
  if (compact)
    return (
      <Cut
        {...common}
        {...along}
        x={view.width / 2}
        tray={view.height - 24}
        width={view.width - 40}
        height={view.height * 0.6}
      />
    );
  // A round food looks the same both ways: one cut, larger.
  const round = Math.abs(lengthMm / widthMm - 1) < 0.15;
  const top = round ? { tray: 226, width: 300, height: 196 } : { tray: 128, width: 190, height: 104 };
  const low = { tray: view.height - 52, width: view.width - 230, height: 92 };
  return (
    <g>
      <Cut {...common} {...across} {...top} x={view.width / 2} labels="across" />
      {!round && <Cut {...common} {...along} {...low} x={view.width / 2} labels="along" />}
      <Leader
        x={118}
        y={(round ? top.tray : low.tray) - 40}
        lines={[
          `${units.length(lengthMm)} ×`,
          `${units.length(widthMm)} × ${units.length(heightMm)}`,
          words.measured(crust.estimated),
          countNote(input),
        ]}
      />
      <text
        x={view.width / 2}
        y={view.height - 24}
        textAnchor="middle"
        fill="var(--color-base-content)"
        {...NOTE}
      >
        {words.trayAtLeast(units.length(crust.tray.lengthMm), units.length(crust.tray.widthMm))}
      </text>
      <text x={view.width / 2} y={view.height - 6} textAnchor="middle" fill="var(--quiet)" {...NOTE}>
        {words.headAndTailLeftOut(outMm)}
        {p.scales === "on" && sheet.food.group === "fish" ? words.scalesOn : ""}
      </text>
    </g>
  );
}

interface CutProps {
  p: CrustPreparation;
  foodMm: number;
  shellMm: number;
  heightMm: number;
  crust: CrustFigures;
  shades: Shade[];
  units: Units;
  /** Middle, tray and room of this cut, px. */
  x: number;
  tray: number;
  width: number;
  height: number;
  labels?: "across" | "along";
}

/** One cut through crust and food. */
function Cut({
  p,
  foodMm,
  shellMm,
  heightMm,
  crust,
  shades,
  units,
  x,
  tray,
  width,
  height,
  labels,
}: CutProps) {
  const scale = Math.min(width / (Math.max(foodMm, shellMm) + 2 * p.marginMm), height / crust.heightMm);
  const mm = (value: number) => value * scale;
  const [left, right] = [x - mm(shellMm) / 2, x + mm(shellMm) / 2];
  const shellTop = tray - mm(crust.heightMm);
  const foodTop = tray - mm(p.underMm + heightMm);
  const round = Math.min(mm(heightMm) * 0.5, mm(shellMm) / 3.2);
  return (
    <g>
      <path
        d={`M ${left} ${tray} V ${shellTop + round} Q ${left} ${shellTop} ${left + round * 1.5} ${shellTop}
            H ${right - round * 1.5} Q ${right} ${shellTop} ${right} ${shellTop + round} V ${tray} Z`}
        fill="var(--brine-pale)"
        stroke="var(--iron)"
        strokeWidth={2}
        data-crust={labels}
      />
      <Grain left={left} right={right} top={shellTop} bottom={tray} />
      <FleshPiece
        x={x - mm(foodMm) / 2}
        y={foodTop}
        width={mm(foodMm)}
        height={mm(heightMm)}
        shape={p.form === "box" ? "slab" : "sphere"}
        oneFace={false}
        shades={shades}
        labelled={false}
      />
      {cracks(crust) && (
        <path
          d={`M ${x - 30} ${shellTop - 2} l 7 8 l -5 6 l 8 7 M ${x + 44} ${shellTop - 2} l -6 7 l 6 7 l -5 6`}
          fill="none"
          stroke="var(--color-error)"
          strokeWidth={2}
          data-crack
        />
      )}
      <path
        d={`M ${left - mm(p.marginMm) - 8} ${tray - 8} l 5 11 H ${right + mm(p.marginMm) + 3} l 5 -11`}
        fill="none"
        stroke="var(--iron)"
        strokeWidth={4}
        strokeLinejoin="round"
      />
      {labels === "across" && (
        <>
          <DimensionLine
            x={right + 26}
            from={shellTop}
            to={foodTop}
            lines={[words.over(units.length(crust.overMm))]}
          />
          <DimensionLine
            x={right + 26}
            from={tray - mm(p.underMm)}
            to={tray}
            lines={[words.under(units.length(p.underMm))]}
          />
          <text
            x={left - 26}
            y={tray - mm(crust.heightMm) / 2}
            textAnchor="end"
            fill="var(--quiet)"
            {...NOTE}
          >
            {words.cutAcross}
          </text>
        </>
      )}
    </g>
  );
}

/** Salt grains on an even lattice: enough to say what the shell is. */
function Grain({ left, right, top, bottom }: { left: number; right: number; top: number; bottom: number }) {
  const step = 13;
  const rows = Math.max(1, Math.floor((bottom - top) / step));
  const columns = Math.max(1, Math.floor((right - left) / step));
  return (
    <g fill="var(--color-primary)" opacity={0.55}>
      {Array.from({ length: rows * columns }, (_, i) => {
        const row = Math.floor(i / columns);
        const x = left + ((i % columns) + (row % 2 === 0 ? 0.35 : 0.8)) * step;
        const y = top + (row + 0.6) * step;
        const corner = Math.min(x - left, right - x) + (y - top) < 26;
        return corner || x > right - 3 ? null : <circle key={i} cx={x} cy={y} r={1.5} />;
      })}
    </g>
  );
}
