"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { send } from "@/ui/send";
import * as words from "@/words/shelf/rehearse-button";

/** Runs the evening of a sitting sixty times as fast, beside the kitchen: to see before its day how it goes. */
export function RehearseButton({ sittingId, name }: { sittingId: string; name: string }) {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const begin = async () => {
    setBusy(true);
    const sent = await send<{ id: string }>("POST", `/api/sittings/${sittingId}/rehearsal`);
    if (sent.ok) return router.push(`/work?rehearsal=${sent.value.id}`);
    setBusy(false);
    setProblem(sent.problem.detail);
  };
  return (
    <>
      <button
        type="button"
        className="btn mb-2 min-h-11"
        aria-label={words.rehearseThisEvening(name)}
        disabled={busy}
        onClick={() => void begin()}
      >
        {words.settingItUp(busy)}
      </button>
      {problem && (
        <p role="alert" className="text-sm text-error">
          {problem}
        </p>
      )}
    </>
  );
}
