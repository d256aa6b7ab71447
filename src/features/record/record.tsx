import Link from "next/link";
import type { BatchView, KitchenView } from "@/contracts/views";
import { batchNote } from "@/ui/batch-state";
import { duration, percent, shortDate } from "@/ui/format";
import { Shell } from "@/ui/shell/shell";

/** Every batch that came out, newest first. */
export function Record({ kitchen, batches }: { kitchen: KitchenView; batches: BatchView[] }) {
  return (
    <Shell title="Record" note={kitchen.name}>
      <div className="p-4 lg:p-6">
        {batches.length === 0 ? (
          <p className="text-lg">Nothing has come out yet. A batch comes here when its lift-out is marked.</p>
        ) : (
          <ul>
            {batches.map((batch) => (
              <li key={batch.id}>
                <Row batch={batch} />
              </li>
            ))}
          </ul>
        )}
      </div>
    </Shell>
  );
}

function Row({ batch }: { batch: BatchView }) {
  const hours = ((batch.liftedAtMs ?? 0) - batch.startedAtMs) / 3_600_000;
  return (
    <Link
      href={`/batch/${batch.id}`}
      className="flex flex-wrap items-center justify-between gap-x-6 gap-y-1 border-b border-line py-3"
    >
      <span className="min-w-0 flex-1 basis-60">
        <span className="block truncate font-display text-xl font-bold">{batch.name}</span>
        <span className="text-quiet">
          {batchNote(batch)} · version {batch.version}
        </span>
      </span>
      <span>
        <span className="figure text-xl">{duration(hours)}</span>
        <span className="block text-sm text-quiet">soaked; planned {duration(batch.formulation.pullH)}</span>
      </span>
      <span>
        <span className="figure text-xl">{percent(batch.sheet.atPull.meanFraction)} %</span>
        <span className="block text-sm text-quiet">mean salt, as planned</span>
      </span>
      <span className="text-quiet">{shortDate(batch.liftedAtMs ?? 0, batch.timeZone)}</span>
    </Link>
  );
}
