import { Link } from "@/ui/link";
import type { SittingSoon } from "@/contracts/shelf";
import { useUnits } from "@/ui/measures";
import { RehearseButton } from "./rehearse-button";
import * as words from "@/words/shelf/sittings-soon";

interface Props {
  sittings: readonly SittingSoon[];
  timeZone: string;
  nowMs: number;
}

const SAID: Record<SittingSoon["state"], { words: string; tone: string }> = {
  fits: { words: words.planned, tone: "text-quiet" },
  late: { words: words.late, tone: "font-bold text-accent" },
  clash: { words: words.doesNotFit, tone: "font-bold text-error" },
  undecided: { words: words.notPlannedYet, tone: "text-quiet" },
};

/** Tables still to be laid, the next first. */
export function SittingsSoon({ sittings, timeZone, nowMs }: Props) {
  const units = useUnits();
  return (
    <section aria-label={words.sittingsToCome} className="mt-6">
      <h2 className="text-xl">{words.sittingsToCome}</h2>
      {sittings.length === 0 && (
        <p>
          <Link href="/sitting" className="link-in-text">
            {words.planASitting}
          </Link>
        </p>
      )}
      <ul>
        {sittings.map(({ id, name, tableMs, dishes, state, rehearsal }) => (
          <li key={id} className="border-b border-line">
            <Link
              href={rehearsal ? `/work?rehearsal=${id}` : `/sitting/${id}`}
              className="block min-h-12 py-2 leading-tight"
            >
              <span className="flex items-baseline justify-between gap-3">
                <span className="font-semibold">{name}</span>
                <span className="figure shrink-0">{units.when(tableMs, nowMs, timeZone)}</span>
              </span>
              <span className="text-sm">
                <span className={rehearsal ? "font-bold text-primary" : SAID[state].tone}>
                  {rehearsal ? words.rehearsalUnderWay : SAID[state].words}
                </span>
                <span className="text-quiet"> · {dishes.join(", ") || words.noDishesYet}</span>
              </span>
            </Link>
            {state === "fits" && !rehearsal && <RehearseButton sittingId={id} name={name} />}
          </li>
        ))}
      </ul>
    </section>
  );
}
