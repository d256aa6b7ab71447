import type { FormulaMade } from "@/contracts/record";
import type { FormulaView, KitchenView, Uses } from "@/contracts/views";
import { Shell } from "@/ui/shell/shell";
import type { Theme } from "@/ui/shell/theme";
import { KitchenSettings } from "./kitchen-settings";
import { Library } from "./library/library";
import { OwnEntries } from "./own/own-entries";
import { Reference } from "./reference";
import type { TokenView } from "@/contracts/door";
import { Safekeeping } from "./safekeeping/safekeeping";
import type { Snapshot } from "./safekeeping/snapshot-list";
import * as words from "@/words/stores/stores";

interface Props {
  kitchen: KitchenView;
  formulas: FormulaView[];
  /** What became of each, by its id. */
  made: Record<string, FormulaMade>;
  /** Which formulas name a material or vessel, by "kind/id". */
  uses: Uses;
  snapshots: Snapshot[];
  hasPassphrase: boolean;
  tokens: TokenView[];
  /** What is looked for in the tables. */
  find?: string | undefined;
  theme?: Theme | undefined;
}

const PARTS = [
  { id: "formulas", name: words.formulas },
  { id: "kitchen", name: words.thisKitchen },
  { id: "own", name: words.ourOwn },
  { id: "safekeeping", name: words.safekeeping },
  { id: "tables", name: words.tables },
];

/** Formulas and their versions, the kitchen's settings, and the tables the sums stand on with their provenance. */
export function Stores({
  kitchen,
  formulas,
  made,
  uses,
  snapshots,
  hasPassphrase,
  tokens,
  find,
  theme,
}: Props) {
  return (
    <Shell
      title={words.stores}
      note={kitchen.name}
      actions={
        <nav aria-label={words.onThisPage} className="flex flex-wrap gap-x-4">
          {PARTS.map(({ id, name }) => (
            <a key={id} href={`#${id}`} className="flex min-h-11 items-center underline underline-offset-4">
              {name}
            </a>
          ))}
        </nav>
      }
    >
      <div className="grid grid-cols-[minmax(0,1fr)] gap-8 p-4 lg:grid-cols-[minmax(0,1fr)_22rem] lg:p-6">
        <Library formulas={formulas} made={made} timeZone={kitchen.timeZone} />
        <KitchenSettings kitchen={kitchen} theme={theme} />
        <OwnEntries kitchen={kitchen} uses={uses} />
        <Safekeeping
          snapshots={snapshots}
          hasPassphrase={hasPassphrase}
          tokens={tokens}
          timeZone={kitchen.timeZone}
        />
        <Reference key={find} uses={uses} find={find} />
      </div>
    </Shell>
  );
}
