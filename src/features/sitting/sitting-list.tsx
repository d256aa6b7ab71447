"use client";

import { TZDate } from "@date-fns/tz";
import { addDays, nextSaturday } from "date-fns";
import { Link } from "@/ui/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Usual } from "@/contracts/kitchen";
import type { SittingBody, SittingHead } from "@/contracts/sitting";
import type { KitchenView } from "@/contracts/views";
import { FileButton } from "@/ui/file-button";
import { send } from "@/ui/send";
import { Shell } from "@/ui/shell/shell";
import { useReread } from "@/ui/use-reread";
import { useUnits } from "@/ui/measures";
import * as words from "@/words/sitting/sitting-list";

interface Props {
  kitchen: KitchenView;
  sittings: SittingHead[];
  nowMs: number;
  /** All that was done when it was drawn. */
  drawnWith: string;
}

const TABLE_HOUR = 18;

/** The next Saturday at six, by the kitchen's clock. */
function nextTableMs(nowMs: number, timeZone: string): number {
  const day = nextSaturday(addDays(new TZDate(nowMs, timeZone), 1));
  return new TZDate(day.getFullYear(), day.getMonth(), day.getDate(), TABLE_HOUR, 0, timeZone).getTime();
}

const blank = (tableMs: number, { equipment, quiet }: Usual): SittingBody => ({
  name: words.saturday,
  tableMs,
  dishes: [],
  kitchen: equipment,
  quiet,
  absences: [],
  pins: [],
  getsUp: false,
});

/** Every sitting that was planned, the next first, and a new one. */
export function SittingList({ kitchen, sittings, nowMs, drawnWith }: Props) {
  useReread(drawnWith);
  const router = useRouter();
  const units = useUnits();
  const [problem, setProblem] = useState<string | null>(null);
  const create = async (body: unknown) => {
    const sent = await send<{ id: string }>("POST", "/api/sittings", body);
    if (!sent.ok) return setProblem(sent.problem.detail);
    router.push(`/sitting/${sent.value.id}`);
  };
  const read = async (file: File) => {
    try {
      await create(JSON.parse(await file.text()));
    } catch {
      setProblem(words.doesNotReadAsA(file.name));
    }
  };
  return (
    <Shell
      title={words.sitting}
      note={kitchen.name}
      actions={
        <>
          <FileButton label={words.fromAFile} accept="application/json,.json" onFile={read} />
          <button
            type="button"
            className="btn btn-primary min-h-11"
            onClick={() => void create(blank(nextTableMs(nowMs, kitchen.timeZone), kitchen.usual))}
          >
            {words.planASitting}
          </button>
        </>
      }
    >
      <div className="p-4 lg:p-6">
        {problem && (
          <p role="alert" className="border-l-8 border-error pl-3">
            {problem}
          </p>
        )}
        {sittings.length === 0 && <p className="text-lg">{words.weEatAtSixOn}</p>}
        <ul>
          {sittings.map((sitting) => (
            <li key={sitting.id} className="border-b border-line">
              <Link
                href={`/sitting/${sitting.id}`}
                className="flex min-h-16 flex-wrap items-center justify-between gap-x-6 py-2"
              >
                <span>
                  <span className="block font-display text-xl font-bold">{sitting.name}</span>
                  <span className="text-quiet">{sitting.dishes.join(" · ") || words.noDishesYet}</span>
                </span>
                <span className="figure text-lg">{units.fullDate(sitting.tableMs, kitchen.timeZone)}</span>
              </Link>
            </li>
          ))}
        </ul>
      </div>
    </Shell>
  );
}
