import { duration, percent, roughly, whenFrom } from "@/ui/format";
import { SoakRail } from "@/ui/rail/soak-rail";
import { Section } from "@/ui/section/section";
import { Figures } from "./figures";
import type { Worked } from "./explain";

interface Props extends Worked {
  startAtMs: number;
  timeZone: string;
  onPull: (hours: number) => void;
}

const HOUR_MS = 3_600_000;

/** The section and the soak rail: drag the pull, and shading and figures follow. */
export function SoakPanel({ startAtMs, timeZone, onPull, ...worked }: Props) {
  const { input, sheet, outcome } = worked;
  const place = input.preparation.kind === "dryBrine" ? "On the rack" : "In the vessel";
  return (
    <>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="text-xl">
          {place} at {duration(input.pullH)}
        </h2>
        <p className="text-sm text-quiet">
          surface <span className="figure">{percent(outcome.surfaceFraction)}</span> % · mean{" "}
          <span className="figure">{percent(outcome.meanFraction)}</span> % · centre{" "}
          <span className="figure">{percent(outcome.centreFraction)}</span> %
        </p>
      </div>
      <div className="min-h-56 flex-1">
        <Section input={input} sheet={sheet} outcome={outcome} />
      </div>
      <h2 className="text-xl">Soak</h2>
      <SoakRail
        window={sheet.soak.window}
        hours={input.pullH}
        marks="pull"
        onHours={onPull}
        start={{ atMs: startAtMs, timeZone }}
      />
      <p className="mb-3 text-sm">{sayWindow(worked, startAtMs, timeZone)}</p>
      <Figures {...worked} />
    </>
  );
}

function sayWindow({ input, sheet }: Worked, startAtMs: number, timeZone: string): string {
  const when = (hours: number) => whenFrom(startAtMs + hours * HOUR_MS, startAtMs, timeZone);
  const { ready, past } = sheet.soak.window;
  const plan = `In now, ${when(0)}; out ${when(input.pullH)}.`;
  const end = past.likely ?? sheet.soak.window.keepLimitH;
  if (ready.likely === undefined || ready.likely >= end) {
    const reason = ready.likely === undefined ? "not within 4 days" : `only after ${roughly(ready.likely)}`;
    return `${plan} Ready ${reason}; it keeps till ${when(end)}. Slashes, thinner pieces or a stronger brine bring it forward.`;
  }
  const doubt = ready.late === undefined ? "or later" : `to ${when(ready.late)}`;
  return `${plan} Ready from ${when(ready.likely)} (in doubt: ${when(ready.early ?? ready.likely)} ${doubt}); past it from ${when(end)}.`;
}
