"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { batchTime, type BatchClock } from "@/core/program/batch-clock";
import { sendOrKeep } from "./outbox";
import { send } from "./send";
import { doneAt, kitchenNow } from "./kitchen-time";
import * as words from "@/words/ui/lift-button";

/** Marks the lift-out at the real time of the tap. */
export function LiftButton({ batchId, name, clock }: { batchId: string; name: string; clock: BatchClock }) {
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const lift = async () => {
    setBusy(true);
    // Out is out: the time of the tap is kept, whether or not there is a line. The page is read anew once it is taken.
    const ended = await sendOrKeep({
      method: "POST",
      path: `/api/batches/${batchId}/lift`,
      body: doneAt(Math.round(batchTime(clock, kitchenNow()))),
    });
    setBusy(false);
    setProblem(ended.problem);
  };
  return (
    <div className="text-right">
      <button
        type="button"
        className="btn min-h-11"
        disabled={busy}
        onClick={lift}
        aria-label={words.takenOut(name)}
      >
        {words.takenOutShort}
      </button>
      {problem && (
        <p role="alert" className="max-w-48 text-sm text-error">
          {problem}
        </p>
      )}
    </div>
  );
}

/** Takes a lift-out back: undo instead of "are you sure". */
export function UndoLiftButton({ batchId, name }: { batchId: string; name: string }) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const undo = async () => {
    const sent = await send("DELETE", `/api/batches/${batchId}/lift`);
    setProblem(sent.ok ? null : sent.problem.detail);
    if (sent.ok) router.refresh();
  };
  return (
    <>
      <button
        type="button"
        className="btn btn-ghost min-h-11 underline"
        onClick={undo}
        aria-label={words.putBack(name)}
      >
        {words.notOutYet}
      </button>
      {problem && (
        <p role="alert" className="basis-full text-sm text-error">
          {problem}
        </p>
      )}
    </>
  );
}
