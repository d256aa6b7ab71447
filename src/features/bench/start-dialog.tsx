"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { v4 as newId } from "uuid";
import type { Problem } from "@/contracts/requests";
import type { Formulation } from "@/core/formula/model";
import type { Finding } from "@/core/safety/rule";
import { FindingCard } from "@/ui/findings";
import { dayAndClock, fromLocalField, toLocalField } from "@/ui/format";
import { Modal } from "@/ui/modal";
import { send } from "@/ui/send";

interface Props {
  formulation: Formulation;
  formulaId: string | null;
  findings: Finding[];
  startAtMs: number;
  timeZone: string;
  onStarted: () => void;
  onClose: () => void;
}

const HOUR_MS = 3_600_000;
const REASON_MIN = 3;

/** Starts a batch at a chosen time. A stop wants a reason, and the reason is kept with the batch. */
export function StartDialog({
  formulation,
  formulaId,
  findings,
  startAtMs: offeredMs,
  timeZone,
  onStarted,
  onClose,
}: Props) {
  const router = useRouter();
  const [start, setStart] = useState(() => toLocalField(offeredMs, timeZone));
  const [reasons, setReasons] = useState<Record<string, string>>({});
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const [id] = useState(() => newId());

  const stops = findings.filter((f) => f.severity === "stop");
  const startAtMs = fromLocalField(start, timeZone);
  const open = stops.filter((f) => (reasons[f.id] ?? "").trim().length < REASON_MIN);

  const begin = async () => {
    if (startAtMs === undefined) return;
    setBusy(true);
    const acknowledgements = Object.entries(reasons)
      .filter(([, reason]) => reason.trim().length >= REASON_MIN)
      .map(([ruleId, reason]) => ({ ruleId, reason: reason.trim() }));
    const sent = await send<{ id: string }>("POST", "/api/batches", {
      id,
      formulaId,
      formulation,
      startAtMs,
      acknowledgements,
    });
    setBusy(false);
    if (!sent.ok) return setProblem(sent.problem);
    onStarted();
    router.push("/");
    router.refresh();
  };

  return (
    <Modal title={`Start ${formulation.name}`} onClose={onClose}>
      <div className="field-row">
        <label htmlFor="start-at">Goes in at</label>
        <input
          id="start-at"
          type="datetime-local"
          className="entry figure"
          value={start}
          onChange={(event) => setStart(event.target.value)}
        />
      </div>
      {startAtMs === undefined ? (
        <p role="alert" className="py-1 text-sm text-error">
          Enter a date and time, such as {toLocalField(offeredMs, timeZone).replace("T", " ")}.
        </p>
      ) : (
        <p className="py-2">
          Lift out <strong>{dayAndClock(startAtMs + formulation.pullH * HOUR_MS, timeZone)}</strong>
          <span className="text-quiet"> ({timeZone})</span>
        </p>
      )}
      <div className="space-y-2">
        {stops.map((finding) => (
          <FindingCard key={finding.id} finding={finding}>
            <label className="block pt-1">
              <span className="font-semibold">Go on all the same because</span>
              <input
                className="input mt-1 w-full"
                value={reasons[finding.id] ?? ""}
                placeholder="a reason, kept with the batch"
                onChange={(event) => setReasons((r) => ({ ...r, [finding.id]: event.target.value }))}
              />
            </label>
          </FindingCard>
        ))}
      </div>
      {problem && (
        <p role="alert" className="mt-3 border-l-4 border-error px-2 py-1">
          <strong>{problem.title}.</strong> {problem.detail}
        </p>
      )}
      <div className="mt-4 flex flex-wrap items-center justify-end gap-2">
        {open.length > 0 && (
          <p className="mr-auto text-sm text-error">
            {open.length === 1 ? "One stop wants" : `${open.length} stops want`} a reason first.
          </p>
        )}
        <form method="dialog">
          <button className="btn min-h-11">Not yet</button>
        </form>
        <button
          type="button"
          className="btn btn-primary min-h-11"
          disabled={busy || open.length > 0 || startAtMs === undefined}
          onClick={begin}
        >
          {busy ? "Starting…" : "Start this batch"}
        </button>
      </div>
    </Modal>
  );
}
