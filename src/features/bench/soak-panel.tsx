import { useMemo, useState } from "react";
import { acidDepthMm } from "@/core/diffusion/acid";
import { choiceOf, type PreparationChoice } from "@/core/formula/choice";
import type { Formulation } from "@/core/formula/model";
import type { SoakWindow } from "@/core/formula/window";
import type { Sensitivity } from "@/core/formula/ensemble";
import { capital, duration, percent, roughly } from "@/ui/format";
import { Told, useUnits } from "@/ui/measures";
import type { Units } from "@/ui/units";
import { stateWord } from "@/ui/rail/scale";
import { SoakRail } from "@/ui/rail/soak-rail";
import { Section } from "@/ui/section/section";
import { Figures } from "./figures";
import type { Worked } from "./worked";
import { usePlate, type Sheet } from "./use-sheet";
import { YieldLine } from "./yield-line";
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
/** Sour enough for its acid to be drawn. */
const SOUR_PH = 5;
/** At so short a soak the cook is told what it does and does not do. */
const NO_TIME_H = 0.26;

const PLACE: Record<PreparationChoice, string> = {
  equilibrium: "In the vessel",
  timed: "In the vessel",
  dry: "On the rack",
  marinade: "In the marinade",
  paste: "Under the paste",
  rub: "Under the rub",
  crust: "In the crust",
  cure: "Under the cure",
};

/** What goes on the food rather than the food into it: some cooks have no time for it. */
const isCoat = ({ preparation: { kind } }: Formulation) =>
  kind === "marinade" || kind === "paste" || kind === "rub";

const placeOf = (input: Formulation) => PLACE[choiceOf(input.preparation)];

/** The section and the soak rail: drag the pull, and shading and figures follow. */
export function SoakPanel(props: Props) {
  const { input, sheet, worked, window, startAtMs, timeZone } = props;
  const [served, setServed] = useState(false);
  const plate = usePlate(input, worked, served);
  const { outcome } = plate;
  const units = useUnits();
  const acidMm = useAcidDepth(input, sheet);
  const title = served
    ? `On the plate: cooked to ${units.temperature(plate.cook.toC)}`
    : `${placeOf(input)} at ${duration(input.pullH)}`;
  const baked = sheet.bake !== undefined;
  const sour = acidMm > 0;
  // What the large figures do not say already.
  const aside: [name: string, share: number, digits: number][] = [["surface", outcome.surfaceFraction, 1]];
  if (served) aside.push(["mean", outcome.meanFraction, 1], ["centre", outcome.centreFraction, 1]);
  aside.push(["evenness", outcome.evenness, 0]);
  if (!served && outcome.bathFraction !== undefined)
    aside.push([sheet.mix ? "mixture" : "bath", outcome.bathFraction, 1]);
  return (
    <>
      <div className="flex flex-wrap items-center justify-between gap-x-4">
        <h2 className="text-xl">{title}</h2>
        {!baked && (
          <button
            type="button"
            className="btn min-h-11"
            aria-pressed={served}
            onClick={() => setServed((now) => !now)}
          >
            {served ? "Back to the soak" : "On the plate"}
          </button>
        )}
      </div>
      <Figures input={input} sheet={sheet} outcome={props.outcome} />
      <p className="pt-1 text-sm text-quiet">
        {aside.map(([name, share, digits], i) => (
          <span key={name} className="whitespace-nowrap">
            {i > 0 && " · "}
            {name} <span className="figure">{percent(share, digits)}</span> %{" "}
          </span>
        ))}
        {sour && (
          <span className="whitespace-nowrap">
            · acid <span className="figure">{units.length(acidMm, 1)}</span> deep (hatched)
          </span>
        )}
      </p>
      <YieldLine input={input} sheet={sheet} outcome={props.outcome} />
      <OtherSizes input={input} sheet={sheet} outcome={props.outcome} />
      <div className="min-h-52 flex-1">
        <Section input={input} sheet={sheet} outcome={outcome} acidMm={acidMm} units={units} />
      </div>
      <div className="flex flex-wrap items-center justify-between gap-x-4">
        <h2 className="text-xl">{baked ? "Bake" : "Soak"}</h2>
        <p
          className="order-last basis-full text-sm text-quiet sm:order-none sm:flex-1 sm:basis-0 sm:text-right"
          aria-live="polite"
        >
          <Told>{sayDoubt(props)}</Told>
        </p>
        <div className="flex gap-2">
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
              <button type="button" className="btn min-h-11" onClick={props.onSolve}>
                I have … hours
              </button>
              <button type="button" className="btn min-h-11" onClick={props.onCompare}>
                Compare
              </button>
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
        hours={input.pullH}
        marks="take out"
        onHours={props.onPull}
        keepsH={window.pastReason === "over_salted" ? window.keepLimitH : undefined}
        start={{ atMs: startAtMs, timeZone }}
      />
      <p className="mb-2 text-sm">{sayWindow(props, units)}</p>
      <NoTime {...props} acidMm={acidMm} />
    </>
  );
}

/** How deep acid is at the pull; five minutes are fine enough to draw. */
function useAcidDepth(input: Worked["input"], sheet: Worked["sheet"]): number {
  const hours = Math.round(input.pullH * 12) / 12;
  const isSour =
    (input.sour === true && input.preparation.kind === "wetBrine") ||
    (sheet.mix?.pH !== undefined && sheet.mix.pH < SOUR_PH);
  return useMemo(() => {
    if (!isSour || hours <= 0) return 0;
    return acidDepthMm(sheet.soak.body, sheet.soak.diffusivityM2PerS, hours * 3600);
  }, [isSour, sheet, hours]);
}

/** Pieces of other sizes in the same vessel, each with its own figures. */
function OtherSizes({ input, sheet, outcome }: Worked) {
  const units = useUnits();
  return outcome.alongside.map((other, i) => {
    const size = input.alongside?.[i];
    const { readyH } = sheet.soak.alongside[i];
    return (
      <p key={i} className="text-sm" data-size={i + 2}>
        Size {i + 2}, {size && units.length(size.thicknessMm)}: mean{" "}
        <span className="figure">{percent(other.meanFraction)}</span> % · centre{" "}
        <span className="figure">{percent(other.centreFraction)}</span> % · ready{" "}
        {readyH === undefined ? "not within 4 days" : `from ${roughly(readyH)}`}
      </p>
    );
  });
}

function sayDoubt({ sheet, progress, sensitivities }: Props): string {
  if (sheet.bake) return "an estimate: a probe in the thickest part decides";
  if (progress !== undefined) return `trying 500 soaks: ${Math.round(progress * 100)} %`;
  return sensitivities.length > 0 ? saySensitivity(sensitivities[0]) : "";
}

function sayWindow({ input, window, startAtMs, timeZone }: Props, units: Units): string {
  const when = (hours: number) => units.when(startAtMs + hours * HOUR_MS, startAtMs, timeZone);
  const { ready, past } = window;
  const end = past.likely ?? window.keepLimitH;
  const ended = stateWord("past", window);
  if (ready.likely === undefined || ready.likely >= end) {
    const wanted = percent(input.preparation.targetFraction, 1);
    return `It does not come to ${wanted} % while it may stand, until ${when(end)}. Slashes, thinner pieces or a stronger brine bring it forward.`;
  }
  const { early, late } = ready;
  const between = `between ${when(early ?? ready.likely)} and ${late === undefined ? "later than four days" : when(late)}`;
  const most = Math.abs((early ?? 0) - (late ?? 0)) < 0.1 ? "" : ` (${between})`;
  return `${capital(stateWord("ready", { ...window, readiness: input.readiness }))} from ${when(ready.likely)}${most}, ${ended} from ${when(end)}.`;
}

/** Fifteen minutes or none is a real choice: what it does, and what it does not. */
function NoTime({ input, sheet, outcome, acidMm }: Worked & { acidMm: number }) {
  if (input.pullH > NO_TIME_H || !isCoat(input)) return null;
  const acid = acidMm > 0 ? ` Acid is ${acidMm.toFixed(1)} mm deep.` : "";
  return (
    <p className="mb-2 border-l-4 border-info px-2 text-sm" role="note" aria-label="No time">
      {input.pullH < 0.02 ? "Straight into the oven" : `In ${duration(input.pullH)}`}: the flesh holds{" "}
      <span className="figure">{percent(outcome.meanFraction)}</span> % salt on average, nearly all of it in
      the outer millimetres.{acid} It flavours the crust and helps it brown; it does not season the inside
      {sheet.mix && sheet.mix.fatFraction > 0.2 ? "; oil and spice stay outside whatever the time" : ""}. Salt
      at the table, or a sauce set aside, does the rest.
    </p>
  );
}
