import { fixed } from "../format";
import { DimensionLine, Leader, NOTE } from "./dimension";
import { FleshPiece } from "./flesh-piece";
import { countNote, type DrawingProps } from "./wet-vessel";

/** Under this a cover cracks (practice): the drawing shows it. */
const CRACKS_BELOW_MM = 8;

/** The food in its shell of damp salt on a tray, cut along its length, with the shell's dimensions. */
export function Crust({ input, sheet, shades, view, compact }: DrawingProps) {
  const { crust } = sheet;
  const p = input.preparation;
  if (!crust || p.kind !== "saltCrust") return null;
  const { lengthMm, heightMm } = crust.food;
  const bodyMm = p.ends === "out" ? lengthMm * 0.72 : lengthMm;
  const shellMm = bodyMm + 2 * p.overMm;
  const acrossMm = Math.max(lengthMm, shellMm) + 2 * p.marginMm + 20;
  const margin = compact ? 12 : 110;
  const scale = Math.min((view.width - 2 * margin) / acrossMm, (view.height * 0.66) / crust.heightMm);
  const mm = (value: number) => value * scale;
  const middle = view.width / 2;
  const tray = view.height - (compact ? 26 : 62);
  const foodTop = tray - mm(p.underMm + heightMm);
  const shellTop = tray - mm(crust.heightMm);
  const [left, right] = [middle - mm(shellMm) / 2, middle + mm(shellMm) / 2];
  const dome = Math.min(mm(heightMm) * 0.5, 46);
  return (
    <g>
      <path
        d={`M ${left} ${tray} V ${shellTop + dome} Q ${left} ${shellTop} ${left + dome * 1.6} ${shellTop}
            H ${right - dome * 1.6} Q ${right} ${shellTop} ${right} ${shellTop + dome} V ${tray} Z`}
        fill="var(--brine-pale)"
        stroke="var(--iron)"
        strokeWidth={2}
        data-crust
      />
      <Grain left={left} right={right} top={shellTop} bottom={tray} />
      <FleshPiece
        x={middle - mm(lengthMm) / 2}
        y={foodTop}
        width={mm(lengthMm)}
        height={mm(heightMm)}
        shape={p.form === "box" ? "slab" : "sphere"}
        oneFace={false}
        shades={shades}
        labelled={!compact}
      />
      {Math.min(p.overMm, p.underMm * 1.5) < CRACKS_BELOW_MM && (
        <path
          d={`M ${middle - 30} ${shellTop - 2} l 7 8 l -5 6 l 8 7 M ${middle + 44} ${shellTop - 2} l -6 7 l 6 7 l -5 6`}
          fill="none"
          stroke="var(--color-error)"
          strokeWidth={2}
          data-crack
        />
      )}
      <path
        d={`M ${left - mm(p.marginMm) - 12} ${tray - 10} l 6 14 H ${right + mm(p.marginMm) + 6} l 6 -14`}
        fill="none"
        stroke="var(--iron)"
        strokeWidth={4}
        strokeLinejoin="round"
      />
      {!compact && (
        <>
          <DimensionLine
            x={right + 22}
            from={shellTop}
            to={foodTop}
            lines={[`${fixed(p.overMm, 0)} mm over`]}
          />
          <DimensionLine
            x={right + 22}
            from={tray - mm(p.underMm)}
            to={tray}
            lines={[`${fixed(p.underMm, 0)} mm under`]}
          />
          <Leader
            x={middle - mm(Math.max(lengthMm, shellMm)) / 2 - 12}
            y={foodTop + mm(heightMm) / 2}
            lines={[
              `${fixed(lengthMm, 0)} × ${fixed(crust.food.widthMm, 0)}`,
              `× ${fixed(heightMm, 0)} mm`,
              crust.estimated ? "estimated" : "measured",
              countNote(input),
            ]}
          />
          <text
            x={middle}
            y={view.height - 26}
            textAnchor="middle"
            fill="var(--color-base-content)"
            {...NOTE}
          >
            {`tray at least ${fixed(crust.tray.lengthMm, 0)} × ${fixed(crust.tray.widthMm, 0)} mm`}
          </text>
          <text x={middle} y={view.height - 8} textAnchor="middle" fill="var(--quiet)" {...NOTE}>
            {p.ends === "out" ? "head and tail left out" : "wholly covered"}
            {p.scales === "on" && sheet.food.group === "fish" ? " · scales on" : ""}
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
