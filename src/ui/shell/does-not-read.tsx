import type { Unreadable } from "@/contracts/unreadable";
import { Shell } from "./shell";

/** Where its own page is, to look again once it is put right. */
const PAGE: Partial<Record<Unreadable["what"], (id: string) => string>> = {
  batch: (id) => `/batch/${id}`,
  sitting: (id) => `/sitting/${id}`,
  formula: (id) => `/bench?formula=${id}`,
};

/** One row of the kitchen's file is spoilt: which, what of it, and the ways to have it whole again. */
export function DoesNotRead({ row: { what, id, name, field } }: { row: Unreadable }) {
  const page = PAGE[what]?.(encodeURIComponent(id));
  return (
    <Shell title="Does not read">
      <div className="flex max-w-prose flex-col items-start gap-4 p-6 text-lg">
        <p>
          The {what} <b>{name ?? id}</b> stands in this kitchen’s file, and does not read
          {field && (
            <>
              : its <b>{field}</b> is not what it should be
            </>
          )}
          . Nothing of it was changed, and everything else is here and works.
        </p>
        <ol className="list-decimal pl-6">
          <li>Take a snapshot of the kitchen as it is, and put it aside.</li>
          <li>Restore a snapshot from before, from the list of those kept; it may have this {what} whole.</li>
          <li>Nothing that is there now is lost by it: the kitchen is kept as a snapshot first.</li>
        </ol>
        <div className="flex flex-wrap gap-3">
          {/* Full loads: what was read before is not shown again. */}
          <a href="/stores#safekeeping" className="btn btn-primary min-h-11">
            To safekeeping
          </a>
          {page && (
            <a href={page} className="btn min-h-11">
              Look again
            </a>
          )}
        </div>
      </div>
    </Shell>
  );
}
