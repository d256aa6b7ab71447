import Link from "next/link";
import type { FormulaView, KitchenView } from "@/contracts/views";
import { shortDate } from "@/ui/format";
import { Shell } from "@/ui/shell/shell";
import type { Theme } from "@/ui/shell/theme";
import { KitchenSettings } from "./kitchen-settings";
import { OwnEntries } from "./own/own-entries";
import { Reference } from "./reference";

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
        <OwnEntries kitchen={kitchen} />
        <Reference />
      </div>
    </Shell>
  );
}
