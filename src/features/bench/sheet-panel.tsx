import dynamic from "next/dynamic";
import type { WorkedOut } from "@/core/bench/worked";
import { dishFacts } from "@/core/formula/account/dish-facts";
import type { Formulation } from "@/core/formulation";
import type { MeasureSystem } from "@/core/quantity/spoons";
import { Findings } from "@/ui/findings";
import { NotYet, orMissing } from "@/ui/or-missing";
import { SaltLedger } from "@/ui/salt-ledger";
import { WeighLines } from "@/ui/weigh-lines";
import { DishFactsLine } from "./dish-facts-line";
import { ToolButtons, type Tool } from "./tools/tools";
import { WhyOf } from "./why-of";
import * as words from "@/words/bench/sheet-panel";

/** Of a brine or of salt alone there is nothing to bring together. */
const Steps = dynamic(
  orMissing(async () => (await import("./steps")).Steps),
  { loading: NotYet },
);

interface Props {
  worked: WorkedOut;
  measures: MeasureSystem;
  change: (edit: (f: Formulation) => Formulation) => void;
  onTool: (tool: Tool) => void;
}

/** What to weigh out, where the salt ends, what to mind. */
export function SheetPanel({ worked, measures, change, onTool }: Props) {
  const { input, sheet, outcome, cuts, findings, practiceH } = worked;
  return (
    <>
      <div className="flex items-baseline justify-between">
        <h2 className="text-xl">{words.weighOut}</h2>
        <span className="text-sm text-quiet">{words.gramsSpoonsHowItScales}</span>
      </div>
      <WeighLines
        lines={[...sheet.lines, ...sheet.companions]}
        measures={measures}
        whyFor={({ role, part }) => {
          if (part !== "main") return null;
          if (role === "water" && sheet.brine) return <WhyOf figure="water" worked={worked} />;
          return role === "salt" ? <WhyOf figure="salt" worked={worked} /> : null;
        }}
      />
      {(sheet.mix || sheet.crust) && <Steps input={input} sheet={sheet} practiceH={practiceH} />}
      <ToolButtons input={input} sheet={sheet} onTool={onTool} />
      <div className="mt-auto space-y-3 pt-4">
        <SaltLedger ledger={outcome.ledger} cuts={cuts} onCut={(cut) => change(() => cut.formula)} />
        <DishFactsLine input={input} sheet={sheet} facts={dishFacts(input, sheet)} change={change} />
        <Findings findings={findings} />
      </div>
    </>
  );
}
