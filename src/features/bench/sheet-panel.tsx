import type { MeasureSystem } from "@/core/quantity/spoons";
import type { Finding } from "@/core/safety/rule";
import { Findings } from "@/ui/findings";
import { SaltLedgerBar } from "@/ui/salt-ledger";
import { WeighLines } from "@/ui/weigh-lines";
import { Why } from "@/ui/why";
import { whyFlesh, whySalt, whyWater, type Worked } from "./explain";

interface Props extends Worked {
  measures: MeasureSystem;
  findings: Finding[];
}

/** What to weigh out, where the salt ends, what to mind. */
export function SheetPanel({ measures, findings, ...worked }: Props) {
  return (
    <>
      <div className="flex items-baseline justify-between">
        <h2 className="text-xl">Weigh out</h2>
        <span className="text-sm text-quiet">grams · spoons · how it scales</span>
      </div>
      <WeighLines lines={worked.sheet.lines} measures={measures} />
      <p className="mb-3 flex flex-wrap items-center gap-x-4 text-sm text-quiet">
        Why this much
        {worked.sheet.brine && <WhyWord word="water" explanation={whyWater(worked)} />}
        <WhyWord word="salt" explanation={whySalt(worked)} />
        <WhyWord word="flesh" explanation={whyFlesh(worked)} />
      </p>
      <div className="mt-auto space-y-3">
        <SaltLedgerBar ledger={worked.outcome.ledger} />
        <Findings findings={findings} />
      </div>
    </>
  );
}

function WhyWord({
  word,
  explanation,
}: {
  word: string;
  explanation: React.ComponentProps<typeof Why>["explanation"];
}) {
  return (
    <span className="inline-flex items-center gap-1">
      {word}
      <Why explanation={explanation} compact />
    </span>
  );
}
