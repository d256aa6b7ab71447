import type { InHeat } from "@/core/program/at-work";
import type { Exit } from "@/core/program/exits";
import { climbText, plateText, timeText } from "@/core/program/probing";
import { duration, fixed } from "@/ui/format";
import type { Units } from "@/ui/units";
import { Told, useUnits } from "@/ui/measures";
import * as words from "@/words/work/cards/heat-card";

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
        {words.inTheOven({
          dish: named(props.dish, heat.exit),
          nowMs: duration((nowMs - heat.sinceMs) / HOUR_MS),
          ovenC: <Told>{`${heat.exit.stages.at(-1)?.ovenC ?? ""} °C`}</Told>,
        })}
      </p>
      <h2 className="my-2 text-5xl leading-tight">{headline(props, units)}</h2>
      <p className="text-2xl">
        <Reading {...props} />
      </p>
      {heat.exit.time && (
        <p className="mt-2 text-lg">
          <Told>{words.underTheOfficialMinimumFollow(timeText(heat.exit))}</Told>
        </p>
      )}
      <div className="mt-6 flex flex-wrap gap-3">
        <button
          type="button"
          className={`btn min-h-16 px-8 text-2xl ${pressing ? "border-white bg-white text-[#1f2326]" : "btn-primary"}`}
          onClick={props.onOut}
        >
          {words.itIsOut}
        </button>
        {pressing && (
          <>
            <button type="button" className={PLAIN} onClick={props.onSnooze}>
              {words.of5MinMore}
            </button>
            <button type="button" className={PLAIN} onClick={props.onProbeSet}>
              {words.theProbeSlipped(core.kind)}
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
  const what = words.named(exit.name);
  if (core.kind === "takeOut" && nowMs >= snoozedUntilMs) return words.takeOutNow(what);
  if (core.kind === "silent") return words.theProbeIsSilent;
  if (core.kind === "slipped") return words.theProbeHasSlipped;
  if (outMs !== undefined) return words.outAbout(units.when(outMs, nowMs, timeZone));
  return words.headOven;
}

function Reading({ heat: { core, exit } }: Props) {
  const figure = core.kind === "unread" ? undefined : `${fixed(core.coreC, 1)} °C`;
  const out = words.outAt(exit.outC);
  const overC = core.kind === "takeOut" ? core.overC : 0;
  const then = words.itClimbsMoreOnThe(climbText(exit), plateText(exit, overC));
  if (figure === undefined) return <Told>{words.nothingReadYet(out, then)}</Told>;
  if (core.kind === "silent")
    return <Told>{words.itLastReadNothingFor({ figure, out, forMs: duration(core.forMs / HOUR_MS) })}</Told>;
  if (core.kind === "slipped") return <Told>{words.itFellByCTo(fixed(core.byC, 0), figure)}</Told>;
  const over = overC >= 0.5 ? words.cOver(fixed(overC, 1)) : "";
  return (
    <>
      {words.theMiddleReads(
        <span className="figure text-3xl" data-core-now>
          <Told>{figure}</Told>
        </span>,
        <Told>{`${out}${over}. ${then}`}</Told>,
      )}
    </>
  );
}
