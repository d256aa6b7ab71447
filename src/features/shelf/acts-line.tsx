import { differenceInCalendarDays } from "date-fns";
import { Link } from "@/ui/link";
import type { ShelfAct } from "@/contracts/shelf";
import { tell } from "@/ui/format";
import { Told, useUnits } from "@/ui/measures";
import * as words from "@/words/shelf/acts-line";

interface Props {
  acts: readonly ShelfAct[];
  nowMs: number;
  timeZone: string;
}

const EVENING_H = 17;
/** So many are read at a glance; the rest stands at work. */
const SHOWN = 6;

/** "Tonight", "Tomorrow", or the day. */
function dayName(atMs: number, nowMs: number, timeZone: string): string {
  const days = differenceInCalendarDays(
    tell(atMs, timeZone, "yyyy-MM-dd"),
    tell(nowMs, timeZone, "yyyy-MM-dd"),
  );
  if (days <= 0) return Number(tell(nowMs, timeZone, "H")) >= EVENING_H ? words.tonight : words.today;
  return days === 1 ? words.tomorrow : tell(atMs, timeZone, "EEEE");
}

/** Everything to be done by hand tonight and tomorrow, of all that is running and of all that is planned, by the clock. */
export function ActsLine({ acts, nowMs, timeZone }: Props) {
  const units = useUnits();
  const shown = acts.slice(0, SHOWN);
  /** Times stand under one another, also with am and pm. */
  const widest = Math.max(...shown.map((act) => units.clock(act.atMs, timeZone).length));
  const dayOf = (act: ShelfAct) => dayName(act.atMs, nowMs, timeZone);
  const days = [...new Set(shown.map(dayOf))].map(
    (day) => [day, shown.filter((act) => dayOf(act) === day)] as const,
  );
  return (
    <section aria-label={words.nextActs}>
      {days.length === 0 && (
        <>
          <h2 className="text-xl">{words.nextActs}</h2>
          <p className="text-quiet">{words.noneTonightOrTomorrow}</p>
        </>
      )}
      {days.map(([day, list]) => (
        <div key={day} className="mb-4">
          <h2 className="text-xl">{day}</h2>
          <ol>
            {list.map(({ id, atMs, title, dish, href }) => (
              <li key={id} className="border-b border-line">
                <Link href={href} className="flex min-h-12 items-baseline gap-3 py-2">
                  <span
                    style={{ width: `${widest}ch` }}
                    className={`figure shrink-0 text-lg whitespace-nowrap ${atMs < nowMs ? "font-bold text-accent" : ""}`}
                  >
                    {units.clock(atMs, timeZone)}
                  </span>
                  <span className="min-w-0 leading-tight">
                    <span className="block font-semibold">
                      <Told>{title}</Told>
                    </span>
                    <span className="text-sm text-quiet">
                      {dish}
                      {atMs < nowMs && <strong className="text-accent"> {words.aLittleLate}</strong>}
                    </span>
                  </span>
                </Link>
              </li>
            ))}
          </ol>
        </div>
      ))}
      {acts.length > SHOWN && (
        <Link href="/work" className="inline-flex min-h-11 items-center underline">
          {words.moreAtWork(acts.length - SHOWN)}
        </Link>
      )}
    </section>
  );
}
