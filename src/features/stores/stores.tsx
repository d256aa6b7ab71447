import { ChevronRight } from "lucide-react";
import Link from "next/link";
import type { FormulaView, KitchenView } from "@/contracts/views";
import { FOODS, SALTS } from "@/core/materials/lookup";
import { fixed, percent, shortDate } from "@/ui/format";
import { Shell } from "@/ui/shell/shell";
import type { Theme } from "@/ui/shell/theme";
import { KitchenSettings } from "./kitchen-settings";

interface Props {
  kitchen: KitchenView;
  formulas: FormulaView[];
  theme?: Theme;
}

/** Formulas and their versions, the kitchen's settings, and the tables the sums stand on with their provenance. */
export function Stores({ kitchen, formulas, theme }: Props) {
  return (
    <Shell title="Stores" note={kitchen.name}>
      <div className="grid gap-8 p-4 lg:grid-cols-[minmax(0,1fr)_22rem] lg:p-6">
        <section>
          <h2 className="text-2xl">Formulas</h2>
          {formulas.length === 0 && <p>None saved yet. Save one on the Bench.</p>}
          <ul>
            {formulas.map((formula) => (
              <li key={formula.id} className="border-b border-line py-2">
                <Link
                  href={`/bench?formula=${formula.id}`}
                  className="flex min-h-11 items-center truncate text-lg font-semibold underline decoration-line underline-offset-4"
                >
                  {formula.name}
                </Link>
                <ul className="text-sm text-quiet">
                  {formula.versions.map((v) => (
                    <li key={v.version}>
                      <Link
                        className="inline-flex min-h-11 items-center gap-2"
                        href={`/bench?formula=${formula.id}&version=${v.version}`}
                      >
                        <span className="underline">version {v.version}</span>
                        <span>
                          {shortDate(v.createdAtMs, kitchen.timeZone)}
                          {v.note && ` · ${v.note}`}
                        </span>
                      </Link>
                    </li>
                  ))}
                </ul>
              </li>
            ))}
          </ul>
        </section>
        <KitchenSettings kitchen={kitchen} theme={theme} />
        <Table
          title="Salts"
          note="Spoon densities are level and unpacked. Weigh if you can."
          head={["Salt", "g/mL", "g a US tsp", "% NaCl", "Where from"]}
          rows={SALTS.map((s) => [
            s.name,
            fixed(s.densityGPerMl, 2),
            fixed(s.densityGPerMl * 4.92892, 1),
            percent(s.naclFraction, 1),
            standing(s),
          ])}
        />
        <Table
          title="Foods"
          note="Sizes are offers: what you measure decides. D is salt's diffusivity in the flesh at 4 °C, uncertain by a factor of about two."
          head={["Food", "water %", "own salt %", "D, 10⁻¹⁰ m²/s", "Where from"]}
          rows={FOODS.map((f) => [
            f.name,
            percent(f.waterFraction, 0),
            percent(f.nativeSaltFraction),
            `${fixed(f.diffusivityM2PerS * 1e10, 1)} (${fixed(f.diffusivityLowM2PerS * 1e10, 1)}–${fixed(f.diffusivityHighM2PerS * 1e10, 1)})`,
            standing(f),
          ])}
        />
      </div>
    </Shell>
  );
}

const standing = (row: { provenance: string; fromMemory: boolean; uncertainty: number }) =>
  `${row.provenance}${row.fromMemory ? ", from memory" : ""} (± ${percent(row.uncertainty, 0)} %)`;

function Table(props: { title: string; note: string; head: string[]; rows: string[][] }) {
  return (
    <details className="group lg:col-span-2">
      <summary className="flex min-h-12 cursor-pointer items-center gap-3 border-b border-line font-display text-2xl font-bold">
        <ChevronRight size={22} aria-hidden className="transition-transform group-open:rotate-90" />
        {props.title} <span className="font-sans text-base font-normal text-quiet">{props.rows.length}</span>
      </summary>
      <p className="py-2 text-quiet">{props.note}</p>
      <div className="overflow-x-auto">
        <table className="table">
          <thead>
            <tr className="text-base-content">
              {props.head.map((cell) => (
                <th key={cell} scope="col">
                  {cell}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {props.rows.map((row) => (
              <tr key={row[0]} className="border-line">
                {row.map((cell, i) => (
                  <td key={props.head[i]} className={i > 0 && i < row.length - 1 ? "figure" : ""}>
                    {cell}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}
