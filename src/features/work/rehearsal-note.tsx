"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import type { SittingAtWork } from "@/contracts/at-work";
import { batchTime } from "@/core/program/batch-clock";
import { useUnits } from "@/ui/measures";
import { send } from "@/ui/send";
import * as words from "@/words/work/rehearsal-note";

interface Props {
  id: string;
  /** Left out where its evening is over. */
  sitting: SittingAtWork | undefined;
  wallMs: number;
  timeZone: string;
}

const SPEEDS = [1, 10, 60, 600];

/** Over a rehearsed evening: its own time, how fast it goes, and its end. */
export function RehearsalNote({ id, sitting, wallMs, timeZone }: Props) {
  const router = useRouter();
  const units = useUnits();
  const [speed, setSpeed] = useState(sitting?.clock.speed);
  const [problem, setProblem] = useState<string | null>(null);
  const path = `/api/sittings/${id}/rehearsal`;
  const pace = async (to: number) => {
    const sent = await send("PUT", path, { speed: to });
    if (!sent.ok) return setProblem(sent.problem.detail);
    setSpeed(to);
    router.refresh();
  };
  const end = async () => {
    const sent = await send("DELETE", path);
    if (!sent.ok) return setProblem(sent.problem.detail);
    router.push("/");
    router.refresh();
  };
  return (
    <section
      aria-label={words.rehearsal}
      className="flex flex-wrap items-center gap-x-4 gap-y-2 border-l-8 border-primary bg-base-100 px-4 py-2"
    >
      <p className="flex-1 basis-60 text-lg">
        {sitting ? (
          <>
            {words.itIsThereNobodyEats(
              sitting.name,
              <b className="figure">{units.dayAndClock(batchTime(sitting.clock, wallMs), timeZone)}</b>,
            )}
          </>
        ) : (
          words.thisRehearsalIsOverOr
        )}
      </p>
      {sitting && (
        <div role="group" aria-label={words.howFastItGoes} className="flex gap-1">
          {SPEEDS.map((each) => (
            <button
              key={each}
              type="button"
              className={`btn min-h-11 ${each === speed ? "btn-neutral" : ""}`}
              aria-pressed={each === speed}
              onClick={() => void pace(each)}
            >
              {each} ×
            </button>
          ))}
        </div>
      )}
      <button type="button" className="btn min-h-11" onClick={() => void end()}>
        {words.endTheRehearsal}
      </button>
      {problem && (
        <p role="alert" className="basis-full text-error">
          {problem}
        </p>
      )}
    </section>
  );
}
