import type { Unreadable } from "@/contracts/unreadable";
import { Shell } from "./shell";
import * as words from "@/words/ui/shell/does-not-read";
import { things } from "@/words/ui/shell/unreadable-notice";

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
    <Shell title={words.doesNotRead}>
      <div className="flex max-w-prose flex-col items-start gap-4 p-6 text-lg">
        <p>
          {words.theStandsInThisKitchens({
            what: things[what],
            name: <b>{name ?? id}</b>,
            field: field && <>{words.itsIsNotWhatIt(<b>{field}</b>)}</>,
          })}
        </p>
        <ol className="list-decimal pl-6">
          <li>{words.takeASnapshotOfThe}</li>
          <li>{words.restoreASnapshotFromBefore(things[what])}</li>
          <li>{words.nothingThatIsThereNow}</li>
        </ol>
        <div className="flex flex-wrap gap-3">
          {/* oxlint-disable-next-line nextjs/no-html-link-for-pages -- a full load: nothing read before is shown again */}
          <a href="/stores#safekeeping" className="btn btn-primary min-h-11">
            {words.toSafekeeping}
          </a>
          {page && (
            <a href={page} className="btn min-h-11">
              {words.lookAgain}
            </a>
          )}
        </div>
      </div>
    </Shell>
  );
}
