import type { BatchDetail } from "@/contracts/views";
import type { WorkView } from "@/contracts/work";
import { actsIn, type Program } from "@/core/program/step";
import { duration } from "@/ui/format";
import { Told, useUnits } from "@/ui/measures";
import * as words from "@/words/batch/plan-and-real";

const MIN_MS = 60_000;
/** Nearer than this is as planned. */
const NEAR_MIN = 5;

/** Every act that was confirmed: when it was to be, when it was. */
export function PlanAndReal(props: { batch: BatchDetail; work: WorkView; program: Program }) {
  const { batch, work, program } = props;
  const units = useUnits();
  const done = actsIn(program).flatMap((act) => {
    const realMs = work.done[act.id];
    return realMs === undefined ? [] : [{ act, realMs }];
  });
  if (done.length === 0) return null;
  // What was planned is the hour it was started for, not the one it went in at.
  const plannedInMs = batch.events.find((e) => e.kind === "started")?.atMs ?? batch.startedAtMs;
  return (
    <section className="mt-6" aria-label={words.planAndWhatWas}>
      <h2 className="text-xl">{words.asPlannedAndAsIt}</h2>
      <ul>
        {done.map(({ act, realMs }) => {
          const lateMin = (realMs - plannedInMs) / MIN_MS - act.atMin;
          return (
            <li
              key={act.id}
              className="flex flex-wrap justify-between gap-x-4 border-b border-dotted border-line py-1"
            >
              <span>
                <Told>{act.title}</Told>
              </span>
              <span className="text-sm">
                <span className="figure">{units.date(realMs, batch.timeZone)}</span>{" "}
                <span className="text-quiet">{sayLate(lateMin)}</span>
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

function sayLate(lateMin: number): string {
  if (Math.abs(lateMin) < NEAR_MIN) return words.asPlanned;
  return words.offBy(duration(Math.abs(lateMin) / 60), lateMin < 0);
}
