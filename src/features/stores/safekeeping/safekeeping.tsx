import type { Snapshot } from "./snapshot-list";
import { SnapshotList } from "./snapshot-list";
import { Passphrase } from "./passphrase";
import type { TokenView } from "@/contracts/door";
import { Tokens } from "./tokens";
import { TakeIn } from "./take-in";
import * as words from "@/words/stores/safekeeping/safekeeping";

interface Props {
  snapshots: Snapshot[];
  hasPassphrase: boolean;
  tokens: TokenView[];
  timeZone: string;
}

/** Copies of the whole kitchen, out and in again, and who comes in. */
export function Safekeeping({ snapshots, hasPassphrase, tokens, timeZone }: Props) {
  return (
    <section id="safekeeping" aria-label={words.safekeeping} className="lg:col-span-2">
      <h2 className="text-2xl">{words.safekeeping}</h2>
      <div className="grid gap-8 lg:grid-cols-3">
        <div>
          <h3 className="text-xl">{words.theWholeKitchenOut}</h3>
          <div className="flex flex-col items-start gap-2 py-2">
            <a className="btn btn-primary min-h-12" href="/api/snapshot" download>
              {words.takeASnapshot}
            </a>
            <p className="text-sm text-quiet">{words.itsDatabaseAsItIs}</p>
            <a className="btn min-h-12" href="/api/archive" download>
              {words.archive}
            </a>
            <p className="text-sm text-quiet">{words.aZipOfJsonCsv}</p>
            <a className="btn min-h-12" href="/api/record/csv" download>
              {words.theRecordCsv}
            </a>
          </div>
          <TakeIn />
        </div>
        <SnapshotList snapshots={snapshots} timeZone={timeZone} />
        <div className="space-y-6">
          <Passphrase set={hasPassphrase} />
          <Tokens tokens={tokens} timeZone={timeZone} />
        </div>
      </div>
    </section>
  );
}
