import Link from "next/link";
import type { SittingAtWork } from "@/contracts/at-work";
import type { BatchDetail } from "@/contracts/views";
import { useUnits } from "@/ui/measures";

interface Props {
  /** Sittings whose table gave way. */
  late: readonly SittingAtWork[];
  /** Batches whose sums no longer work out. */
  broken: readonly BatchDetail[];
  timeZone: string;
}

/** What is to be known before any dish is looked at: tables that come late, sums that do not work out. */
export function Notices({ late, broken, timeZone }: Props) {
  const units = useUnits();
  return (
    <>
      {late.map((s) => (
        <p key={s.id} className="border-l-8 border-warning bg-base-100 px-4 py-2 text-lg" role="status">
          {s.name}: late by <b className="figure">{s.lateMin} min</b>, on the table at{" "}
          <b className="figure">{units.dayAndClock(s.tableMs, timeZone)}</b>.
        </p>
      ))}
      {broken.map((b) => (
        <p key={b.id} className="p-4">
          The sums of {b.name} no longer work out; its sheet stands on{" "}
          <Link className="underline" href={`/batch/${b.id}`}>
            its own page
          </Link>
          .
        </p>
      ))}
    </>
  );
}
