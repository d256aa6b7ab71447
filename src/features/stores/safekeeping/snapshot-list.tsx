import { OnDate } from "@/ui/measures";
import * as words from "@/words/stores/safekeeping/snapshot-list";

export interface Snapshot {
  name: string;
  takenMs: number;
  bytes: number;
}

const SHOWN = 8;

/** What was kept by itself, on the kitchen's own machine. */
export function SnapshotList({ snapshots, timeZone }: { snapshots: Snapshot[]; timeZone: string }) {
  return (
    <div>
      <h3 className="text-xl">{words.keptByItself}</h3>
      <p className="py-1 text-sm text-quiet">{words.everySixHoursWhileIt}</p>
      {snapshots.length === 0 ? (
        <p>{words.noneYetTheFirstIs}</p>
      ) : (
        <ul>
          {snapshots.slice(0, SHOWN).map((s) => (
            <li
              key={s.name}
              className="flex min-h-11 items-center justify-between gap-3 border-b border-line"
            >
              <span>
                <OnDate atMs={s.takenMs} timeZone={timeZone} />
                {/before-[a-z]+/.exec(s.name)?.[0] && (
                  <span className="text-quiet"> · {/before-[a-z]+/.exec(s.name)?.[0].replace("-", " ")}</span>
                )}
              </span>
              <a className="btn min-h-11 font-normal" href={`/api/snapshots/${s.name}`} download>
                {words.kb(Math.max(1, Math.round(s.bytes / 1024)))}
              </a>
            </li>
          ))}
        </ul>
      )}
      {snapshots.length > SHOWN && (
        <p className="text-sm text-quiet">{words.andOlder(snapshots.length - SHOWN)}</p>
      )}
    </div>
  );
}
