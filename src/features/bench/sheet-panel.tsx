import { Snowflake } from "lucide-react";
import type { MeasureSystem } from "@/core/quantity/spoons";
import type { Finding } from "@/core/safety/rule";
import { Findings } from "@/ui/findings";
import { SaltLedgerBar } from "@/ui/salt-ledger";
import { WeighLines } from "@/ui/weigh-lines";
import { Why } from "@/ui/why";
import { whySalt, whyWater, type Worked } from "./explain";

interface Props extends Worked {
  measures: MeasureSystem;
  findings: Finding[];
  onChill: () => void;
}

/** What to weigh out, where the salt ends, what to mind. */
export function SheetPanel({ measures, findings, onChill, ...worked }: Props) {
  return (
    <>
      <div className="flex items-baseline justify-between">
        <h2 className="text-xl">Weigh out</h2>
        <span className="text-sm text-quiet">grams · spoons · how it scales</span>
      </div>
      <WeighLines
        lines={worked.sheet.lines}
        measures={measures}
        whyFor={({ role }) => {
          if (role === "water") return <Why explanation={whyWater(worked)} />;
          return role === "salt" ? <Why explanation={whySalt(worked)} /> : null;
        }}
      />
      {worked.sheet.brine && (
        <button type="button" className="btn mt-2 min-h-11 font-normal" onClick={onChill}>
          <Snowflake size={18} aria-hidden /> Hot water and ice
        </button>
      )}
      <div className="mt-auto space-y-3 pt-4">
        <SaltLedgerBar ledger={worked.outcome.ledger} />
        <Findings findings={findings} />
      </div>
    </>
  );
}
