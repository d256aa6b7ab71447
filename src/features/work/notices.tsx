import { Link } from "@/ui/link";
import type { SittingAtWork } from "@/contracts/at-work";
import type { BatchDetail } from "@/contracts/views";
import { batchTime } from "@/core/program/batch-clock";
import { useUnits } from "@/ui/measures";
import * as words from "@/words/work/notices";

interface Props {
  sittings: readonly SittingAtWork[];
  /** Batches whose sums no longer work out. */
  broken: readonly BatchDetail[];
  wallMs: number;
  timeZone: string;
}

/** What is to be known before any dish is looked at: tables that come late or cannot be held, sums that do not work out. */
export function Notices({ sittings, broken, ...told }: Props) {
  return (
    <>
      {sittings.map((sitting) => (
        <OfSitting key={sitting.id} sitting={sitting} {...told} />
      ))}
      {broken.map((b) => (
        <p key={b.id} className="p-4">
          {words.theSumsOfNoLonger(
            b.name,
            <Link className="link-in-text" href={`/batch/${b.id}`}>
              {words.itsOwnPage}
            </Link>,
          )}
        </p>
      ))}
    </>
  );
}

/** A table that gave way, or that nothing holds any more. */
function OfSitting({
  sitting,
  wallMs,
  timeZone,
}: Pick<Props, "wallMs" | "timeZone"> & { sitting: SittingAtWork }) {
  const units = useUnits();
  const { id, name, lateMin, notHeld } = sitting;
  const when = (ms: number) => (
    <b className="figure">{units.when(ms, batchTime(sitting.clock, wallMs), timeZone)}</b>
  );
  const table = when(sitting.tableMs);
  if (notHeld)
    return (
      <p className="border-l-8 border-error bg-base-100 px-4 py-2 text-lg" role="status">
        {words.cannotBeOnTheTable(name, table)}
        {notHeld.map((dish, i) => (
          <span key={`${dish.name} ${i}`}>
            {words.isForetoldOutAt({ amount: i, dishName: dish.name, outMs: when(dish.outMs) })}
          </span>
        ))}
        .{" "}
        <Link className="link-in-text" href={`/sitting/${id}`}>
          {words.whatCouldGiveWay}
        </Link>
      </p>
    );
  if (lateMin === 0) return null;
  return (
    <p className="border-l-8 border-warning bg-base-100 px-4 py-2 text-lg" role="status">
      {words.lateByOnTheTable({ name, lateMin: <b className="figure">{lateMin} min</b>, table })}
    </p>
  );
}
