import { useMemo, useState } from "react";
import { acidDepthMm } from "@/core/diffusion/acid";
import type { SoakWindow } from "@/core/formula/soak";
import type { Sensitivity } from "@/core/formula/ensemble";
import { duration, percent, roughly, whenFrom } from "@/ui/format";
import { SoakRail } from "@/ui/rail/soak-rail";
import { Section } from "@/ui/section/section";
import { Figures } from "./figures";
import type { Worked } from "./explain";
import { usePlate, type Sheet } from "./use-sheet";
import { saySensitivity } from "./what-if/say-sensitivity";

interface Props extends Worked {
  worked: Sheet;
  window: SoakWindow;
  sensitivities: Sensitivity[];
  /** Share of the ensemble done; undefined when it is finished. */
  progress: number | undefined;
  startAtMs: number;
  timeZone: string;
  onPull: (hours: number) => void;
  onSolve: () => void;
  onCompare: () => void;
}

const HOUR_MS = 3_600_000;

/** The section and the soak rail: drag the pull, and shading and figures follow. */
export function SoakPanel(props: Props) {
  const { input, sheet, worked, window, startAtMs, timeZone } = props;
  const [served, setServed] = useState(false);
  const plate = usePlate(input, worked, served);
  const { outcome } = plate;
  const acidMm = useAcidDepth(input, sheet);
  const place = input.preparation.kind === "dryBrine" ? "On the rack" : "In the vessel";
  const title = served
    ? `On the plate: cooked to ${Math.round(plate.cook.toC)} °C`
    : `${place} at ${duration(input.pullH)}`;
  return (
    <>
      <div className="flex flex-wrap items-center justify-between gap-x-4">
        <h2 className="text-xl">{title}</h2>
        <button
          type="button"
          className="btn min-h-11"
          aria-pressed={served}
          onClick={() => setServed((now) => !now)}
        >
          {served ? "Back to the pull" : "On the plate"}
        </button>
      </div>
      <p className="text-sm text-quiet">
        surface <span className="figure">{percent(outcome.surfaceFraction)}</span> % · mean{" "}
        <span className="figure">{percent(outcome.meanFraction)}</span> % · centre{" "}
        <span className="figure">{percent(outcome.centreFraction)}</span> % · evenness{" "}
        <span className="figure">{percent(outcome.evenness, 0)}</span> %
        {!served && outcome.bathFraction !== undefined && (
          <>
            {" "}
            · bath <span className="figure">{percent(outcome.bathFraction)}</span> %
          </>
        )}
        {input.sour && (
          <>
            {" "}
            · acid <span className="figure">{acidMm.toFixed(1)}</span> mm deep (hatched)
          </>
        )}
      </p>
      <OtherSizes input={input} sheet={sheet} outcome={props.outcome} />
      <div className="min-h-52 flex-1">
        <Section input={input} sheet={sheet} outcome={outcome} acidMm={acidMm} />
      </div>
      <div className="flex flex-wrap items-center justify-between gap-x-4">
        <h2 className="text-xl">Soak</h2>
        <p
          className="order-last basis-full text-sm text-quiet sm:order-none sm:flex-1 sm:basis-0 sm:text-right"
          aria-live="polite"
        >
          {sayDoubt(props)}
        </p>
        <div className="flex gap-2">
          <button type="button" className="btn min-h-11" onClick={props.onSolve}>
            I have … hours
          </button>
          <button type="button" className="btn min-h-11" onClick={props.onCompare}>
            Compare
          </button>
        </div>
      </div>
      <SoakRail
        window={window}
        hours={input.pullH}
        marks="pull"
        onHours={props.onPull}
        start={{ atMs: startAtMs, timeZone }}
      />
      <p className="mb-2 text-sm">{sayWindow(props)}</p>
      <Figures input={input} sheet={sheet} outcome={props.outcome} />
    </>
  );
}

/** How deep acid is at the pull; quarter hours are fine enough to draw. */
function useAcidDepth(input: Worked["input"], sheet: Worked["sheet"]): number {
  const hours = Math.round(input.pullH * 4) / 4;
  return useMemo(() => {
    if (!input.sour || input.preparation.kind !== "wetBrine") return 0;
    return acidDepthMm(sheet.soak.body, sheet.soak.diffusivityM2PerS, hours * 3600);
  }, [input.sour, input.preparation.kind, sheet, hours]);
}

/** Pieces of other sizes in the same vessel, each with its own figures. */
function OtherSizes({ input, sheet, outcome }: Worked) {
  return outcome.alongside.map((other, i) => {
    const size = input.alongside?.[i];
    const { readyH } = sheet.soak.alongside[i];
    return (
      <p key={i} className="text-sm" data-size={i + 2}>
        Size {i + 2}, {size?.thicknessMm} mm: mean{" "}
        <span className="figure">{percent(other.meanFraction)}</span> % · centre{" "}
        <span className="figure">{percent(other.centreFraction)}</span> % · ready{" "}
        {readyH === undefined ? "not within 4 days" : `from ${roughly(readyH)}`}
      </p>
    );
  });
}

function sayDoubt({ progress, sensitivities }: Props): string {
  if (progress !== undefined) return `edges: ${Math.round(progress * 100)} % of 500 soaks`;
  return sensitivities.length > 0 ? saySensitivity(sensitivities[0]) : "";
}

function sayWindow({ input, window, startAtMs, timeZone }: Props): string {
  const when = (hours: number) => whenFrom(startAtMs + hours * HOUR_MS, startAtMs, timeZone);
  const { ready, past } = window;
  const plan = `In now, ${when(0)}; out ${when(input.pullH)}.`;
  const end = past.likely ?? window.keepLimitH;
  if (ready.likely === undefined || ready.likely >= end) {
    const reason = ready.likely === undefined ? "not within 4 days" : `only after ${roughly(ready.likely)}`;
    return `${plan} Ready ${reason}; it keeps till ${when(end)}. Slashes, thinner pieces or a stronger brine bring it forward.`;
  }
  const doubt = ready.late === undefined ? "or later" : `to ${when(ready.late)}`;
  return `${plan} Ready from ${when(ready.likely)} (in doubt: ${when(ready.early ?? ready.likely)} ${doubt}); past it from ${when(end)}.`;
}
