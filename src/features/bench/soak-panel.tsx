import type { WorkedOut } from "@/core/bench/worked";
import type { Sensitivity } from "@/core/formula/soak/ensemble";
import type { SoakWindow } from "@/core/formula/soak/window";
import type { Formulation } from "@/core/formulation";
import { LEAST_SOAK_H } from "@/core/program/dish";
import { described } from "@/core/preparations";
import { capital, duration, percent } from "@/ui/format";
import { Told, useUnits } from "@/ui/measures";
import { stateWord } from "@/ui/rail/scale";
import { SoakRail } from "@/ui/rail/soak-rail";
import type { Units } from "@/ui/units";
import { AtPull } from "./at-pull";
import { saySensitivity } from "./what-if/say-sensitivity";

interface Props {
  worked: WorkedOut;
  /** Where the rail's handle stands now. */
  pullH: number;
  window: SoakWindow;
  sensitivities: Sensitivity[];
  /** Share of the ensemble done; undefined when it is finished. */
  progress: number | undefined;
  startAtMs: number;
  timeZone: string;
  onPull: (hours: number) => void;
  onAfter: () => void;
  onCompare: () => void;
  /** What stands in place of figures and section: two of them side by side. */
  instead: React.ReactNode;
}

const HOUR_MS = 3_600_000;
/** At so short a soak the cook is told what it does and does not do. */
const NO_TIME_H = 0.26;

/** What goes on the food rather than the food into it: some cooks have no time for it. */
const isCoat = ({ preparation: { kind } }: Formulation) =>
  kind === "marinade" || kind === "paste" || kind === "rub";

/** The section and the soak rail: drag the pull, and shading and figures follow. */
export function SoakPanel(props: Props) {
  const { worked, pullH, window, startAtMs, timeZone } = props;
  const { input, sheet } = worked;
  const units = useUnits();
  const baked = sheet.bake !== undefined;
  return (
    <>
      {props.instead ?? <AtPull worked={worked} />}
      <div className="flex flex-wrap items-center justify-between gap-x-4">
        <h2 className="text-xl">{baked ? "Bake" : "Soak"}</h2>
        <p
          className="order-last basis-full text-sm text-quiet sm:order-none sm:flex-1 sm:basis-0 sm:text-right"
          aria-live="polite"
        >
          <Told>{sayDoubt(props)}</Told>
        </p>
        <div className="flex gap-2">
          {!props.instead && (
            <button type="button" className="btn min-h-11" onClick={props.onCompare}>
              This or that
            </button>
          )}
          {sheet.bake ? (
            <button
              type="button"
              className="btn min-h-11"
              onClick={() => props.onPull(sheet.bake?.likelyH ?? input.pullH)}
            >
              Bake as reckoned
            </button>
          ) : (
            <>
              {described(input.preparation).rinses !== "no" && (
                <button type="button" className="btn min-h-11" onClick={props.onAfter}>
                  Rinse or rest
                </button>
              )}
              {isCoat(input) && (
                <button type="button" className="btn min-h-11" onClick={() => props.onPull(0)}>
                  No time
                </button>
              )}
            </>
          )}
        </div>
      </div>
      <SoakRail
        window={{ ...window, readiness: input.readiness }}
        hours={pullH}
        marks="take out"
        onHours={props.onPull}
        keepsH={window.pastReason === "over_salted" ? window.keepLimitH : undefined}
        start={{ atMs: startAtMs, timeZone }}
      />
      <p className="mb-2 text-sm">{sayWindow(props, units)}</p>
      <NoTime {...worked} />
    </>
  );
}

function sayDoubt({ worked: { sheet }, progress, sensitivities }: Props): string {
  if (sheet.bake) return "an estimate: a probe in the thickest part decides";
  if (progress !== undefined) return `trying 500 soaks: ${Math.round(progress * 100)} %`;
  return sensitivities.length > 0 ? saySensitivity(sensitivities[0]) : "";
}

const SOONER: Record<SoakWindow["lacks"], string> = {
  salt: "Slashes, thinner pieces or a stronger brine bring it forward.",
  spreading: "Slashes, thinner pieces or a stronger brine bring it forward.",
  meeting: "Stabs closer together bring it forward.",
};

function sayWindow({ worked: { input }, window, startAtMs, timeZone }: Props, units: Units): string {
  const when = (hours: number) => units.when(startAtMs + hours * HOUR_MS, startAtMs, timeZone);
  const { ready, past } = window;
  const end = past.likely ?? window.keepLimitH;
  const ended = stateWord("past", window);
  if (ready.likely === undefined || ready.likely >= end) {
    const wanted = percent(input.preparation.targetFraction, 1);
    return `It does not come to ${wanted} % while it may stand, until ${when(end)}. ${SOONER[window.lacks]}`;
  }
  const { early, late } = ready;
  const between = `between ${when(early ?? ready.likely)} and ${late === undefined ? "later than four days" : when(late)}`;
  const most = Math.abs((early ?? 0) - (late ?? 0)) < 0.1 ? "" : ` (${between})`;
  return `${capital(stateWord("ready", { ...window, readiness: input.readiness }))} from ${when(ready.likely)}${most}, ${ended} from ${when(end)}.`;
}

/** Fifteen minutes or none is a real choice: what it does, and what it does not. */
function NoTime({ input, sheet, outcome, fronts: { acidMm } }: WorkedOut) {
  if (input.pullH > NO_TIME_H || !isCoat(input)) return null;
  const acid = acidMm > 0 ? ` Acid is ${acidMm.toFixed(1)} mm deep.` : "";
  return (
    <p className="mb-2 border-l-4 border-info px-2 text-sm" role="note" aria-label="No time">
      {input.pullH < LEAST_SOAK_H ? "Straight into the oven" : `In ${duration(input.pullH)}`}: the flesh holds{" "}
      <span className="figure">{percent(outcome.meanFraction)}</span> % salt on average, nearly all of it in
      the outer millimetres.{acid} It flavours the crust and helps it brown; it does not season the inside
      {sheet.mix && sheet.mix.fatFraction > 0.2 ? "; oil and spice stay outside whatever the time" : ""}. Salt
      at the table, or a sauce set aside, does the rest.
    </p>
  );
}
