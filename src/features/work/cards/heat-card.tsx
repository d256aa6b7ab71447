import type { InHeat } from "@/core/program/at-work";
import type { Exit } from "@/core/program/exits";
import { climbText, plateText, timeText } from "@/core/program/probing";
import { duration, fixed } from "@/ui/format";
import type { Units } from "@/ui/units";
import { Told, useUnits } from "@/ui/measures";

interface Props {
  dish: string;
  heat: InHeat;
  nowMs: number;
  timeZone: string;
  /** When its probe foretells it is at its exit. */
  outMs: number | undefined;
  snoozedUntilMs: number;
  onOut: () => void;
  onSnooze: () => void;
  onProbeSet: () => void;
}

const HOUR_MS = 3_600_000;

/** Food in the heat owns its card until a hand says that it is out. */
export function HeatCard(props: Props) {
  const units = useUnits();
  const { heat, nowMs, snoozedUntilMs } = props;
  const { core } = heat;
  const pressing = core.kind !== "rising" && core.kind !== "unread" && nowMs >= snoozedUntilMs;
  return (
    <article
      className={`rounded-sm p-6 ${pressing ? "bg-accent text-accent-content" : "border-l-8 border-accent bg-base-100"}`}
      aria-label={`${props.dish}: ${headline(props, units)}`}
      data-act={heat.out.id}
      data-heat={core.kind}
      role={pressing ? "alert" : undefined}
    >
      <p className="text-lg">
        {named(props.dish, heat.exit)} · in the oven {duration((nowMs - heat.sinceMs) / HOUR_MS)},{" "}
        <Told>{`${heat.exit.stages.at(-1)?.ovenC ?? ""} °C`}</Told>
      </p>
      <h2 className="my-2 text-5xl leading-tight">{headline(props, units)}</h2>
      <p className="text-2xl">
        <Reading {...props} />
      </p>
      {heat.exit.time && (
        <p className="mt-2 text-lg">
          <Told>{`Under the official minimum.${timeText(heat.exit)} Follow your local food code.`}</Told>
        </p>
      )}
      <div className="mt-6 flex flex-wrap gap-3">
        <button
          type="button"
          className={`btn min-h-16 px-8 text-2xl ${pressing ? "border-white bg-white text-[#1f2326]" : "btn-primary"}`}
          onClick={props.onOut}
        >
          It is out
        </button>
        {pressing && (
          <>
            <button type="button" className={PLAIN} onClick={props.onSnooze}>
              5 min more
            </button>
            <button type="button" className={PLAIN} onClick={props.onProbeSet}>
              {core.kind === "takeOut" ? "The probe slipped" : "The probe is set right"}
            </button>
          </>
        )}
      </div>
    </article>
  );
}

const PLAIN =
  "min-h-16 cursor-pointer rounded-sm border-2 border-current px-6 text-xl font-semibold focus-visible:outline-3";

const named = (dish: string, exit: Exit): string => (exit.name ? `${dish}, ${exit.name}` : dish);

function headline(
  { heat: { core, exit }, nowMs, snoozedUntilMs, outMs, timeZone }: Props,
  units: Units,
): string {
  const what = exit.name ? `the ${exit.name}` : "it";
  if (core.kind === "takeOut" && nowMs >= snoozedUntilMs) return `Take ${what} out now`;
  if (core.kind === "silent") return "The probe is silent";
  if (core.kind === "slipped") return "The probe has slipped";
  if (outMs !== undefined) return `Out about ${units.when(outMs, nowMs, timeZone)}`;
  return "In the oven";
}

function Reading({ heat: { core, exit } }: Props) {
  const figure = core.kind === "unread" ? undefined : `${fixed(core.coreC, 1)} °C`;
  const out = `out at ${exit.outC} °C`;
  const overC = core.kind === "takeOut" ? core.overC : 0;
  const then = `It climbs ${climbText(exit)} more: ${plateText(exit, overC)} on the plate.`;
  if (figure === undefined) return <Told>{`Nothing read yet; ${out}. ${then}`}</Told>;
  if (core.kind === "silent")
    return (
      <Told>{`It last read ${figure}; ${out}. Nothing for ${duration(core.forMs / HOUR_MS)}: look at the plug, or read it by hand.`}</Told>
    );
  if (core.kind === "slipped")
    return (
      <Told>{`It fell by ${fixed(core.byC, 0)} °C to ${figure}: meat does not cool in the heat. Put it back into the thickest part.`}</Told>
    );
  const over = overC >= 0.5 ? `, ${fixed(overC, 1)} °C over` : "";
  return (
    <>
      The middle reads{" "}
      <span className="figure text-3xl" data-core-now>
        <Told>{figure}</Told>
      </span>
      ; <Told>{`${out}${over}. ${then}`}</Told>
    </>
  );
}
