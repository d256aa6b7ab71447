import type { Snapshot } from "./snapshot-list";
import { SnapshotList } from "./snapshot-list";
import { Passphrase } from "./passphrase";
import type { TokenView } from "@/contracts/door";
import { Tokens } from "./tokens";
import { TakeIn } from "./take-in";

interface Props {
  snapshots: Snapshot[];
  hasPassphrase: boolean;
  tokens: TokenView[];
  timeZone: string;
}

/** Copies of the whole kitchen, out and in again, and who comes in. */
export function Safekeeping({ snapshots, hasPassphrase, tokens, timeZone }: Props) {
  return (
    <section id="safekeeping" aria-label="Safekeeping" className="lg:col-span-2">
      <h2 className="text-2xl">Safekeeping</h2>
      <div className="grid gap-8 lg:grid-cols-3">
        <div>
          <h3 className="text-xl">The whole kitchen, out</h3>
          <div className="flex flex-col items-start gap-2 py-2">
            <a className="btn btn-primary min-h-12" href="/api/snapshot" download>
              Take a snapshot
            </a>
            <p className="text-sm text-quiet">Its database as it is this moment, to be put back here.</p>
            <a className="btn min-h-12" href="/api/archive" download>
              Archive
            </a>
            <p className="text-sm text-quiet">A zip of JSON, CSV and photos that other programs read too.</p>
            <a className="btn min-h-12" href="/api/record/csv" download>
              The record, CSV
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
