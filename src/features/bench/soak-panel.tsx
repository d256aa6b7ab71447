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
import { usePercentDone, type Progress } from "@/ui/what-if/progress";
import { AtPull } from "./at-pull";
import { saySensitivity } from "./what-if/say-sensitivity";
import * as words from "@/words/bench/soak-panel";

interface Props {
  worked: WorkedOut;
  /** Where the rail's handle stands now. */
  pullH: number;
  window: SoakWindow;
  sensitivities: Sensitivity[];
  /** How far the ensemble is; undefined when it is finished. */
  progress: Progress | undefined;
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
        <h2 className="text-xl">{words.bake(baked)}</h2>
        <p
          className="order-last basis-full text-sm text-quiet sm:order-none sm:flex-1 sm:basis-36 sm:text-right"
          aria-live="polite"
        >
          <Doubt {...props} />
        </p>
        <div className="flex gap-2">
          {!props.instead && (
            <button type="button" className="btn min-h-11" onClick={props.onCompare}>
              {words.thisOrThat}
            </button>
          )}
          {sheet.bake ? (
            <button
              type="button"
              className="btn min-h-11"
              onClick={() => props.onPull(sheet.bake?.likelyH ?? input.pullH)}
            >
              {words.bakeAsReckoned}
            </button>
          ) : (
            <>
              {described(input.preparation).rinses !== "no" && (
                <button type="button" className="btn min-h-11" onClick={props.onAfter}>
                  {words.rinseOrRest}
                </button>
              )}
              {isCoat(input) && (
                <button type="button" className="btn min-h-11" onClick={() => props.onPull(0)}>
                  {words.noTime}
                </button>
              )}
            </>
          )}
        </div>
      </div>
      <SoakRail
        window={{ ...window, readiness: input.readiness }}
        hours={pullH}
        marks={words.takeOut}
        onHours={props.onPull}
        keepsH={window.pastReason === "over_salted" ? window.keepLimitH : undefined}
        start={{ atMs: startAtMs, timeZone }}
      />
      <p className="mb-2 text-sm">{sayWindow(props, units)}</p>
      <NoTime {...worked} />
    </>
  );
}

function Doubt({ worked: { sheet }, progress, sensitivities }: Props) {
  if (sheet.bake) return <Told>{words.anEstimateAProbeIn}</Told>;
  if (progress) return <Trying progress={progress} />;
  const [most] = sensitivities;
  return most && <Told>{saySensitivity(most)}</Told>;
}

/** By itself: told many times a second, it has nothing beside it drawn anew. */
function Trying({ progress }: { progress: Progress }) {
  return words.trying500Soaks(usePercentDone(progress));
}

const SOONER: Record<SoakWindow["lacks"], string> = words.sooner;

function sayWindow({ worked: { input }, window, startAtMs, timeZone }: Props, units: Units): string {
  const when = (hours: number) => units.when(startAtMs + hours * HOUR_MS, startAtMs, timeZone);
  const { ready, past } = window;
  const end = past.likely ?? window.keepLimitH;
  const ended = stateWord("past", window);
  if (ready.likely === undefined || ready.likely >= end) {
    const wanted = percent(input.preparation.targetFraction, 1);
    return words.itDoesNotComeTo({ wanted, end: when(end), lacks: SOONER[window.lacks] });
  }
  const { early, late } = ready;
  const between = words.betweenAnd(
    when(early ?? ready.likely),
    late === undefined ? words.laterThanFourDays : when(late),
  );
  const most = Math.abs((early ?? 0) - (late ?? 0)) < 0.1 ? "" : ` (${between})`;
  return words.fromFrom({
    stateWord: capital(stateWord("ready", { ...window, readiness: input.readiness })),
    likely: when(ready.likely),
    most,
    ended,
    end: when(end),
  });
}

/** Fifteen minutes or none is a real choice: what it does, and what it does not. */
function NoTime({ input, sheet, outcome, fronts: { acidMm } }: WorkedOut) {
  if (input.pullH > NO_TIME_H || !isCoat(input)) return null;
  const acid = acidMm > 0 ? words.acidIsMmDeep(acidMm.toFixed(1)) : "";
  return (
    <p className="mb-2 border-l-4 border-info px-2 text-sm" role="note" aria-label={words.noTime}>
      {words.straightIntoTheOvenThe({
        atOnce: input.pullH < LEAST_SOAK_H,
        time: duration(input.pullH),
        meanFraction: <span className="figure">{percent(outcome.meanFraction)}</span>,
        acid,
        which: sheet.mix && sheet.mix.fatFraction > 0.2 ? words.oilAndSpiceStayOutside : "",
      })}
    </p>
  );
}
